<ul {!! $root !!} @class(['beneath', 'beneath-pictured' => $d['pictures']])>
@foreach ($d['links'] as $link)<li><a href="{{ $link['address'] }}">@if ($d['pictures'])<span class="beneath-picture">@if ($link['picture'])<img src="{{ $link['picture']['small'] }}" width="{{ $link['picture']['width'] }}" height="{{ $link['picture']['height'] }}" alt="" loading="lazy">@endif</span>@endif<span>{{ $link['name'] }}</span>@if ($link['count'] !== null) <small>{{ $link['count'] }}</small>@endif
@if ($link['words'] !== '')<span class="beneath-words">{{ $link['words'] }}</span>@endif</a></li>
@endforeach
</ul>
