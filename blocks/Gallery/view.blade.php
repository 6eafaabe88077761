<div {!! $root !!} class="gallery gallery-{{ $d['thumbs'] }}" data-gallery data-follows @if ($d['arrows'] && count($d['pictures']) > 1)data-carousel @endif @if ($d['magnify'])data-magnify="{{ $d['magnify'] }}"@endif>
@if ($d['pictures'] === [])
<div class="gallery-stage"><div class="gallery-stand-in"><svg viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg><p>{{ $say('gallery.none') }}</p></div></div>
@else
<div class="gallery-stage" tabindex="0" role="group" aria-label="{{ $say('gallery.of', ['title' => $d['title']]) }}" data-carousel-track>
@foreach ($d['pictures'] as $picture)
@if ($picture['film'])
<video id="{{ $id }}-{{ $picture['id'] }}" controls preload="{{ $picture['film']['poster'] ? 'none' : 'metadata' }}" playsinline width="{{ $picture['film']['width'] }}" height="{{ $picture['film']['height'] }}" aria-label="{{ $say('gallery.film', ['name' => $picture['alt']]) }}"@if ($picture['film']['poster']) poster="{{ $picture['film']['poster'] }}"@endif @if ($picture['film']['posters'] !== '')data-posters="{{ $picture['film']['posters'] }}"@endif><source src="{{ $picture['film']['address'] }}" type="{{ $picture['film']['type'] }}">@if ($picture['film']['captions'])<track kind="captions" src="{{ $picture['film']['captions'] }}" srclang="{{ $language }}" label="{{ $say('film.captions') }}" default>@endif<a href="{{ $picture['film']['address'] }}">{{ $say('film.link') }}</a></video>
@else
<picture>{!! \Vestibra\Blocks\PictureTags::sources($picture) !!}<img id="{{ $id }}-{{ $picture['id'] }}" {!! \Vestibra\Blocks\PictureTags::fetched($picture) !!} alt="{{ $picture['alt'] }}" @if ($d['zoom'] || $d['magnify'])data-largest="{{ $picture['largest'] }}" @endif @if ($loop->first)fetchpriority="high"@else loading="lazy"@endif></picture>
@endif
@endforeach
</div>
@if ($d['arrows'] && count($d['pictures']) > 1)<div class="carousel-buttons gallery-arrows with-script"><button type="button" data-carousel-step="-1" aria-label="{{ $say('carousel.back') }}">‹</button><button type="button" data-carousel-step="1" aria-label="{{ $say('carousel.on') }}">›</button></div>@endif
@if ($d['zoom'] && in_array(null, array_column($d['pictures'], 'film'), true))<button type="button" class="gallery-enlarge" data-enlarge hidden data-says="{{ json_encode(['picture' => $say('gallery.picture'), 'previous' => $say('gallery.previous'), 'next' => $say('gallery.next'), 'close' => $say('gallery.close'), 'closer' => $say('gallery.closer'), 'whole' => $say('gallery.whole')], JSON_UNESCAPED_UNICODE) }}">{{ $say('gallery.enlarge') }}</button>@endif
@if ($d['thumbs'] !== 'none' && count($d['pictures']) > 1)
<ul class="gallery-thumbs">
@foreach ($d['pictures'] as $picture)
<li><a href="#{{ $id }}-{{ $picture['id'] }}" @if ($loop->first) aria-current="true" @endif @class(['gallery-film' => $picture['film'] !== null])>@if ($picture['tiny'])<img src="{{ $picture['tiny'] }}" width="66" height="66" alt="{{ $picture['film'] ? $say('gallery.film', ['name' => $picture['alt']]) : $say('gallery.show', ['alt' => $picture['alt']]) }}" loading="lazy">@else<span class="gallery-film-none"><span class="unseen">{{ $say('gallery.film', ['name' => $picture['alt']]) }}</span></span>@endif</a></li>
@endforeach
</ul>
@endif
@endif
</div>
