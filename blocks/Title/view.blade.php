<{{ $d['level'] }} {!! $root !!} class="title title-{{ $d['size'] }}">@if ($d['link'] !== '')<a href="{{ $d['link'] }}">{{ $d['text'] }}</a>@else{{ $d['text'] }}@endif</{{ $d['level'] }}>
