<div {!! $root !!} class="picture-frame">@if ($d['link'] !== '')<a href="{{ $d['link'] }}">@endif<picture>
@if ($d['narrow'] ?? null)<source media="{{ $d['narrow']['media'] }}" srcset="{{ $d['narrow']['small'] }} 400w, {{ $d['narrow']['large'] }} 800w" sizes="92vw" width="{{ $d['narrow']['width'] }}" height="{{ $d['narrow']['height'] }}">@endif
@if ($d['avif'])<source type="image/avif" srcset="{{ str_replace('.webp', '.avif', $d['small']) }} 400w, {{ str_replace('.webp', '.avif', $d['large']) }} 800w" sizes="(max-width: 639px) 92vw, 50vw">@endif
<img class="picture {{ $d['focus'] }} {{ $d['narrow']['focus'] ?? '' }}" src="{{ $d['large'] }}" srcset="{{ $d['small'] }} 400w, {{ $d['large'] }} 800w" sizes="(max-width: 639px) 92vw, 50vw" width="{{ $d['width'] }}" height="{{ $d['height'] }}" alt="{{ $d['alt'] }}" loading="lazy" data-large>
</picture>@if ($d['link'] !== '')</a>@endif</div>
