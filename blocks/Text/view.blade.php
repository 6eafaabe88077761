<p {!! $root !!} class="text" @if ($d['link'] === '')data-words="text"@endif>@if ($d['link'] !== '')<a href="{{ $d['link'] }}" data-words="text">{{ $d['text'] }}</a>@else{{ $d['text'] }}@endif</p>
