<p {!! $root !!} class="brand">@if ($d['before'] !== '')<span data-words="before">{{ $d['before'] }}</span> @endif{{ $d['name'] }}</p>
