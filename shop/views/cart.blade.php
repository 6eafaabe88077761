@extends('shop::layout')
@section('main')
<div class="wrap wrap-narrow">
<h1 class="listing-title">{{ $say('cart.title') }}</h1>
@if ($lines === [])
<div class="nothing"><p>{{ $say('cart.empty') }}</p><p><a class="button" href="/all">{{ $say('cart.find') }}</a></p></div>
@else
<ul class="cart">
@foreach ($lines as ['line' => $line, 'row' => $row, 'choice' => $choice])
<li class="cart-line">
<a class="cart-picture" href="/p/{{ rawurlencode($row->slug) }}" tabindex="-1" aria-hidden="true">@if ($row->file)<img src="/pictures/{{ $row->file }}-160.webp" width="96" height="96" alt="">@endif</a>
<div class="cart-what"><a href="/p/{{ rawurlencode($row->slug) }}">{{ $row->title }}</a>@if ($choice !== '')<p>{{ $choice }}</p>@endif<p class="cart-each">{{ $say('cart.each', ['price' => $money->format($line->price->now)]) }}</p></div>
<form method="post" action="/cart/change" class="cart-change" aria-label="{{ $say('cart.change-of', ['title' => $row->title]) }}">
<input type="hidden" name="variant" value="{{ $line->variantId }}">
<label><span class="unseen">{{ $say('cart.quantity-of', ['title' => $row->title]) }}</span><input type="number" name="quantity" value="{{ $line->quantity }}" min="0" max="99" inputmode="numeric"></label>
<button type="submit">{{ $say('cart.change') }}</button>
<button type="submit" name="remove" value="1">{{ $say('cart.take-out') }}</button>
</form>
<p class="cart-total">{{ $money->format($line->total()) }}</p>
</li>
@endforeach
</ul>
<div class="cart-sum">
@if ($totals->saving > 0)<p>{{ $say('cart.save') }} <span>{{ $money->format($totals->saving) }}</span></p>@endif
<p class="cart-all">{{ $say('cart.together') }} <span>{{ $money->format($totals->total) }}</span></p>
@if ($tax)<p class="cart-tax">{{ $tax }}</p>@endif
<p><a class="button" href="/checkout">{{ $say('cart.checkout') }}</a></p>
</div>
@endif
</div>
@endsection
