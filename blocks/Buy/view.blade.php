<div {!! $root !!} class="buy" data-follows>
@if ($d['inStock'])
<form method="post" action="{{ $d['action'] }}" data-buy data-then="{{ $d['after'] }}" data-adding="{{ $say('buy.adding') }}" data-added-says="{{ $say('buy.added') }}" data-to-cart="{{ $say('notice.label') }}">
<input type="hidden" name="after" value="{{ $d['after'] }}">
<input type="hidden" name="variant" value="{{ $d['variant'] }}">
@if ($d['quantity'])<label class="buy-quantity"><span>{{ $say('buy.quantity') }}</span><input type="number" name="quantity" value="1" min="1" max="99" inputmode="numeric"></label>@endif
<button type="submit" class="buy-button">{{ $d['label'] }}</button>
@if ($d['buyNow'])<button type="submit" name="then" value="checkout" class="buy-button buy-now">{{ $d['buyNow'] }}</button>@endif
</form>
@if ($d['left'])<p class="buy-left">{{ $say('buy.left', ['left' => $d['left']]) }}</p>@endif
@else
<p class="buy-out">{{ $d['soldOut'] }}</p>
@endif
<p class="buy-said" role="status" data-said></p>
</div>
