@php ($slides = $d['more'] === 'slider' && count($d['pictures']) > 1)
<div {!! $root !!} @class(['product-picture', 'product-picture-slides' => $slides]) @if ($slides)data-carousel @endif>@if ($d['link'] !== '')<a class="product-picture-room" href="{{ $d['link'] }}" @if ($slides)data-carousel-track @endif>@else<div class="product-picture-room" @if ($slides)data-carousel-track @endif>@endif

@forelse ($d['more'] === 'row' ? array_slice($d['pictures'], 0, 1) : $d['pictures'] as $picture)
@if ($picture['sources'] !== [])<picture>{!! \Vestibra\Blocks\PictureTags::sources($picture) !!}@endif<img {!! \Vestibra\Blocks\PictureTags::fetched($picture) !!} class="{{ $picture['focus'] }}@if (! $loop->first && ! $slides) product-picture-next @endif" alt="{{ $loop->first && $d['link'] !== '' ? $d['title'] : '' }}" loading="lazy"@if ($loop->first) data-card @endif>@if ($picture['sources'] !== [])</picture>@endif
@empty
<svg class="product-picture-none" viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg>@if ($d['link'] !== '')<span class="unseen">{{ $d['title'] }}</span>@endif

@endforelse
@if ($d['link'] !== '')</a>@else</div>@endif

@if ($slides)<div class="carousel-buttons product-picture-arrows with-script"><button type="button" data-carousel-step="-1" aria-label="{{ $say('carousel.back') }}: {{ $d['title'] }}">‹</button><button type="button" data-carousel-step="1" aria-label="{{ $say('carousel.on') }}: {{ $d['title'] }}">›</button></div>@endif
@if ($d['more'] === 'row' && count($d['pictures']) > 1)<div class="product-picture-row">@foreach (array_slice($d['pictures'], 1) as $picture)<img src="{{ $picture['tiny'] }}" width="{{ $picture['width'] }}" height="{{ $picture['height'] }}" alt="" loading="lazy">@endforeach</div>@endif
</div>
