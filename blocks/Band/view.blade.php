<{{ ($d['headed'] ?? false) ? 'section' : 'div' }} {!! $root !!} @class(['band', 'band-pictured' => ($d['picture'] ?? null) || ($d['film'] ?? null)])>
@if (($d['picture'] ?? null) || ($d['film'] ?? null))
<div @class(['band-back', 'band-still' => $d['still']]) aria-hidden="true">
@if ($d['film'])<video data-film-behind muted loop playsinline preload="metadata" width="{{ $d['film']['width'] }}" height="{{ $d['film']['height'] }}"@if ($d['picture'] || $d['film']['poster']) poster="{{ $d['picture']['large'] ?? $d['film']['poster'] }}"@endif tabindex="-1"><source src="{{ $d['film']['address'] }}" type="{{ $d['film']['type'] }}"></video>
@elseif ($d['fit'] === 'pattern')<svg width="100%" height="100%"><defs><pattern id="pattern-{{ $id }}" width="{{ $d['patternWidth'] }}" height="{{ intdiv($d['patternWidth'] * $d['picture']['height'], $d['picture']['width']) }}" patternUnits="userSpaceOnUse"><image href="{{ $d['picture'][$d['patternWidth'] > 400 ? 'large' : 'small'] }}" width="{{ $d['patternWidth'] }}" height="{{ intdiv($d['patternWidth'] * $d['picture']['height'], $d['picture']['width']) }}"/></pattern></defs><rect width="100%" height="100%" fill="url(#pattern-{{ $id }})"/></svg>
@else<picture>@if ($d['narrow'] ?? null)<source media="{{ $d['narrow']['media'] }}" srcset="{{ $d['narrow']['large'] }}" width="{{ $d['narrow']['width'] }}" height="{{ $d['narrow']['height'] }}">@endif
<img class="{{ $d['picture']['focus'] }} {{ $d['narrow']['focus'] ?? '' }}" src="{{ $d['picture']['large'] }}" width="{{ $d['picture']['width'] }}" height="{{ $d['picture']['height'] }}" alt="" loading="lazy" data-large></picture>@endif
<div class="band-tint"></div></div>
@endif
<div class="band-inner">{!! $slot !!}</div>@if ($d['film'] ?? null)<button type="button" class="band-film-stop" data-film-stop hidden data-play="{{ $say('film.play') }}">{{ $say('film.stop') }}</button>@endif</{{ ($d['headed'] ?? false) ? 'section' : 'div' }}>
