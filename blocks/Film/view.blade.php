<video {!! $root !!} class="film film-{{ $d['shape'] }}" controls preload="{{ $d['poster'] ? 'none' : 'metadata' }}" playsinline width="{{ $d['width'] }}" height="{{ $d['height'] }}"@if ($d['poster']) poster="{{ $d['poster'] }}"@endif @if ($d['posters'] !== '')data-posters="{{ $d['posters'] }}"@endif @if ($d['said'] !== '')aria-label="{{ $d['said'] }}"@endif>
<source src="{{ $d['address'] }}" type="{{ $d['type'] }}">
@if ($d['captions'])<track kind="captions" src="{{ $d['captions'] }}" srclang="{{ $language }}" label="{{ $say('film.captions') }}" default>@endif
<a href="{{ $d['address'] }}">{{ $say('film.link') }}</a></video>
