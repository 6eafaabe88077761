@extends('shop::layout')
@section('main')
<div class="wrap wrap-narrow">
<h1 class="listing-title">{{ $say('cart.title') }}</h1>
<ul class="cart">
@foreach ($rows as $row)
<li class="cart-line"><span class="cart-picture"><img src="/pictures/{{ $row->file }}-160.webp" width="96" height="96" alt=""></span><div class="cart-what">{{ $row->title }}</div><span class="cart-change"><label><span class="unseen">{{ $say('buy.quantity') }}</span><input type="number" value="1"></label><button type="button">{{ $say('cart.change') }}</button></span><p class="cart-total">{{ $money->format((int) $row->price) }}</p></li>
@endforeach
</ul>
<div class="cart-sum"><p class="cart-all">{{ $say('cart.together') }} <span>{{ $money->format((int) array_sum(array_column($rows, 'price'))) }}</span></p><p><span class="button">{{ $say('cart.checkout') }}</span></p></div>
</div>
@endsection
