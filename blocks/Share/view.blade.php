<p {!! $root !!} class="share" data-share="{{ $d['address'] }}" data-title="{{ $d['title'] }}">
@if ($d['before'] !== '')<span data-words="before">{{ $d['before'] }}</span>@endif
@foreach ($d['ways'] as $way)
@if ($way === 'letter')<a href="mailto:?subject={{ rawurlencode($d['title']) }}&amp;body={{ rawurlencode(url($d['address'])) }}">{{ $say('share.letter') }}</a>@endif
@if ($way === 'copy')<button type="button" class="with-script" data-share-copy>{{ $say('share.copy') }}</button>@endif
@if ($way === 'device')<button type="button" class="with-script" data-share-device hidden>{{ $say('share.device') }}</button>@endif
@endforeach
<span role="status" data-share-said data-copied="{{ $say('share.copied') }}"></span>
</p>
