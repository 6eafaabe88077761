@php ($form = $d['product'] === null ? '' : ' form="buying-'.$d['product'].'"')
<div {!! $root !!} class="buy" data-follows data-buy data-then="{{ $d['after'] }}" data-adding="{{ $say('buy.adding') }}" data-added-says="{{ $say('buy.added') }}" data-to-cart="{{ $say('notice.label') }}">
@if ($d['inStock'])
@if ($d['product'] === null)<form class="buy-row" method="post" action="{{ $d['action'] }}">@else<div class="buy-row">@endif

<input type="hidden" name="after[{{ $id }}]" value="{{ $d['after'] }}"{!! $form !!}>
<input type="hidden" name="variant" value="{{ $d['variant'] }}"{!! $form !!}>
@if ($d['quantity'])<label class="buy-quantity"><span>{{ $say('buy.quantity') }}</span><input type="number" name="quantity[{{ $id }}]" value="1" min="1" max="99" inputmode="numeric"{!! $form !!}></label>@endif
<button type="submit" name="buy" value="{{ $id }}" class="buy-button"{!! $form !!}>{{ $d['label'] }}</button>
@if ($d['buyNow'])<button type="submit" name="now" value="{{ $id }}" class="buy-button buy-now"{!! $form !!}>{{ $d['buyNow'] }}</button>@endif
@if ($d['product'] === null)</form>@else</div>@endif

@if ($d['left'])<p class="buy-left">{{ $say('buy.left', ['left' => $d['left']]) }}</p>@endif
@else
<p class="buy-out">{{ $d['soldOut'] }}</p>
@endif
<p class="buy-said" role="status" data-said></p>
</div>
