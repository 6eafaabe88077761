<ul {!! $root !!} @class(['beneath', 'beneath-pictured' => $d['pictures']])>
@foreach ($d['links'] as $link)<li><a href="{{ $link['address'] }}">@if ($d['pictures'])<span class="beneath-picture">@if ($link['picture'])<picture>{!! \Vestibra\Blocks\PictureTags::sources($link['picture']) !!}<img {!! \Vestibra\Blocks\PictureTags::fetched($link['picture']) !!} alt="" loading="lazy"></picture>@else<svg viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg>@endif</span>@endif<span>{{ $link['name'] }}</span>@if ($link['count'] !== null) <small>{{ $link['count'] }}</small>@endif
@if ($link['words'] !== '')<span class="beneath-words">{{ $link['words'] }}</span>@endif</a></li>
@endforeach
</ul>
