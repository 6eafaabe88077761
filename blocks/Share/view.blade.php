<p {!! $root !!} class="share" data-share="{{ $d['address'] }}" data-title="{{ $d['title'] }}">
@if ($d['before'] !== '')<span data-words="before">{{ $d['before'] }}</span>@endif
@foreach ($d['ways'] as $way)
@if ($way === 'letter')<a href="mailto:?subject={{ rawurlencode($d['title']) }}&amp;body={{ rawurlencode(url($d['address'])) }}">by e-mail</a>@endif
@if ($way === 'copy')<button type="button" class="with-script" data-share-copy>copy the address</button>@endif
@if ($way === 'device')<button type="button" class="with-script" data-share-device hidden>with…</button>@endif
@endforeach
<span role="status" data-share-said></span>
</p>
