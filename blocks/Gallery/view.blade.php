<div {!! $root !!} class="gallery gallery-{{ $d['thumbs'] }}" data-gallery data-follows>
@if ($d['pictures'] === [])
<div class="gallery-stage"><div class="gallery-stand-in"><svg viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg><p>{{ $say('gallery.none') }}</p></div></div>
@else
<div class="gallery-stage" tabindex="0" role="group" aria-label="{{ $say('gallery.of', ['title' => $d['title']]) }}">
@foreach ($d['pictures'] as $picture)
<picture>{!! \Vestibra\Blocks\PictureTags::sources($picture) !!}<img id="{{ $id }}-{{ $picture['id'] }}" {!! \Vestibra\Blocks\PictureTags::fetched($picture) !!} alt="{{ $picture['alt'] }}" @if ($d['zoom'])data-largest="{{ $picture['largest'] }}" @endif @if ($loop->first)fetchpriority="high"@else loading="lazy"@endif></picture>
@endforeach
</div>
@if ($d['zoom'])<button type="button" class="gallery-enlarge" data-enlarge hidden data-says="{{ json_encode(['picture' => $say('gallery.picture'), 'previous' => $say('gallery.previous'), 'next' => $say('gallery.next'), 'close' => $say('gallery.close')], JSON_UNESCAPED_UNICODE) }}">{{ $say('gallery.enlarge') }}</button>@endif
@if ($d['thumbs'] !== 'none' && count($d['pictures']) > 1)
<ul class="gallery-thumbs">
@foreach ($d['pictures'] as $picture)
<li><a href="#{{ $id }}-{{ $picture['id'] }}" @if ($loop->first) aria-current="true" @endif><img src="{{ $picture['tiny'] }}" width="66" height="66" alt="{{ $say('gallery.show', ['alt' => $picture['alt']]) }}" loading="lazy"></a></li>
@endforeach
</ul>
@endif
@endif
</div>
