<div {!! $root !!} @class(['page-banner', 'page-banner-pictured' => $d['picture'] !== null])>
@if ($d['picture'])<picture>@if ($d['narrow'] ?? null)<source media="{{ $d['narrow']['media'] }}" srcset="{{ $d['narrow']['small'] }} 400w, {{ $d['narrow']['large'] }} 800w" sizes="100vw" width="{{ $d['narrow']['width'] }}" height="{{ $d['narrow']['height'] }}">@endif
<img class="page-banner-picture {{ $d['picture']['focus'] }} {{ $d['narrow']['focus'] ?? '' }}" src="{{ $d['picture']['large'] }}" srcset="{{ $d['picture']['small'] }} 400w, {{ $d['picture']['large'] }} 800w" sizes="100vw" width="{{ $d['picture']['width'] }}" height="{{ $d['picture']['height'] }}" alt="" loading="lazy" data-large></picture>@endif
<div class="page-banner-words">
@if ($d['title'] !== '')<h1>{{ $d['title'] }}</h1>@endif
@if ($d['words'] !== '')<p>{{ $d['words'] }}</p>@endif
</div>
</div>
