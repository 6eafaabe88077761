<{{ ($d['headed'] ?? false) ? 'section' : 'div' }} {!! $root !!} @class(['band', 'band-pictured' => ($d['picture'] ?? null) || ($d['film'] ?? null)])>
@if (($d['picture'] ?? null) || ($d['film'] ?? null))
<div @class(['band-back', 'band-still' => $d['still']]) aria-hidden="true">
@if ($d['film'])<video data-film-behind muted loop playsinline preload="metadata" width="{{ $d['film']['width'] }}" height="{{ $d['film']['height'] }}"@if ($d['picture'] || $d['film']['poster']) poster="{{ $d['picture']['large'] ?? $d['film']['poster'] }}"@endif tabindex="-1"><source src="{{ $d['film']['address'] }}" type="{{ $d['film']['type'] }}"></video>
@elseif ($d['fit'] === 'pattern')<svg width="100%" height="100%"><defs><pattern id="pattern-{{ $id }}" width="{{ min(400, $d['picture']['width']) }}" height="{{ intdiv(min(400, $d['picture']['width']) * $d['picture']['height'], $d['picture']['width']) }}" patternUnits="userSpaceOnUse"><image href="{{ $d['picture']['small'] }}" width="{{ min(400, $d['picture']['width']) }}" height="{{ intdiv(min(400, $d['picture']['width']) * $d['picture']['height'], $d['picture']['width']) }}"/></pattern></defs><rect width="100%" height="100%" fill="url(#pattern-{{ $id }})"/></svg>
@else<img class="{{ $d['picture']['focus'] }}" src="{{ $d['picture']['large'] }}" width="{{ $d['picture']['width'] }}" height="{{ $d['picture']['height'] }}" alt="" loading="lazy" data-large>@endif
<div class="band-tint"></div></div>
@endif
<div class="band-inner">{!! $slot !!}</div>@if ($d['film'] ?? null)<button type="button" class="band-film-stop" data-film-stop hidden data-play="{{ $say('film.play') }}">{{ $say('film.stop') }}</button>@endif</{{ ($d['headed'] ?? false) ? 'section' : 'div' }}>
