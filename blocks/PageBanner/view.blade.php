<div {!! $root !!} @class(['page-banner', 'page-banner-pictured' => $d['picture'] !== null])>
@if ($d['picture'])<picture>{!! \Vestibra\Blocks\PictureTags::sources($d['picture'], $d['narrow'] ?? null) !!}<img class="page-banner-picture {{ $d['picture']['focus'] }} {{ $d['narrow']['focus'] ?? '' }}" {!! \Vestibra\Blocks\PictureTags::fetched($d['picture']) !!} alt="" loading="lazy" data-large></picture>@endif
<div class="page-banner-words">
@if ($d['title'] !== '')<h1>{{ $d['title'] }}</h1>@endif
@if ($d['words'] !== '')<p>{{ $d['words'] }}</p>@endif
</div>
</div>
