<section {!! $root !!} @class(['band', 'band-pictured' => $d['picture'] ?? null])>
@if ($d['picture'] ?? null)
<div @class(['band-back', 'band-still' => $d['still']]) aria-hidden="true">
@if ($d['fit'] === 'pattern')<svg width="100%" height="100%"><defs><pattern id="pattern-{{ $id }}" width="{{ min(400, $d['picture']['width']) }}" height="{{ intdiv(min(400, $d['picture']['width']) * $d['picture']['height'], $d['picture']['width']) }}" patternUnits="userSpaceOnUse"><image href="{{ $d['picture']['small'] }}" width="{{ min(400, $d['picture']['width']) }}" height="{{ intdiv(min(400, $d['picture']['width']) * $d['picture']['height'], $d['picture']['width']) }}"/></pattern></defs><rect width="100%" height="100%" fill="url(#pattern-{{ $id }})"/></svg>
@else<img class="{{ $d['picture']['focus'] }}" src="{{ $d['picture']['large'] }}" width="{{ $d['picture']['width'] }}" height="{{ $d['picture']['height'] }}" alt="" loading="lazy">@endif
<div class="band-tint"></div></div>
@endif
<div class="band-inner">{!! $slot !!}</div></section>
