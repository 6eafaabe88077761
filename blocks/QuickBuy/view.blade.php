<div {!! $root !!} class="quick-buy">
@if ($d['state'] === 'none')<p class="quick-buy-gone">{{ $d['words'] }}</p>
@elseif ($d['state'] === 'gone')<p class="quick-buy-gone" data-words="soldOut">{{ $d['words'] }}</p>
@elseif ($d['state'] === 'choose')<a @class(['quick-buy-button', 'quick-buy-'.$d['look']]) href="{{ $d['page'] }}"><span data-words="choose">{{ $d['words'] }}</span><span class="unseen">: {{ $d['title'] }}</span></a>
@else
<form method="post" action="{{ $d['action'] }}" data-buy data-then="stay" data-adding="{{ $say('buy.adding') }}" data-added-says="{{ $say('buy.added') }}" data-to-cart="{{ $say('notice.label') }}"><input type="hidden" name="variant" value="{{ $d['variant'] }}"><button type="submit" @class(['quick-buy-button', 'quick-buy-'.$d['look']]) aria-label="{{ $d['words'] }}: {{ $d['title'] }}" data-words="label">{{ $d['words'] }}</button></form>
<p class="quick-buy-said" role="status" data-said></p>
@endif
</div>
