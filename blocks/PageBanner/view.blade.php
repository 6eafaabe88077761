<div {!! $root !!} @class(['page-banner', 'page-banner-pictured' => $d['picture'] !== null])>
@if ($d['picture'])<img class="page-banner-picture {{ $d['picture']['focus'] }}" src="{{ $d['picture']['large'] }}" srcset="{{ $d['picture']['small'] }} 400w, {{ $d['picture']['large'] }} 800w" sizes="100vw" width="{{ $d['picture']['width'] }}" height="{{ $d['picture']['height'] }}" alt="" loading="lazy" data-large>@endif
<div class="page-banner-words">
@if ($d['title'] !== '')<h1>{{ $d['title'] }}</h1>@endif
@if ($d['words'] !== '')<p>{{ $d['words'] }}</p>@endif
</div>
</div>
