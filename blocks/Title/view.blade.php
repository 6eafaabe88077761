<{{ $d['level'] }} {!! $root !!} class="title title-{{ $d['level'] }}">@if ($d['link'] !== '')<a href="{{ $d['link'] }}">{{ $d['text'] }}</a>@else{{ $d['text'] }}@endif</{{ $d['level'] }}>
