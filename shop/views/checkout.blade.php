@extends('shop::layout')
@section('main')
<div class="wrap wrap-narrow">
<h1 class="listing-title">{{ $say('checkout.title') }}</h1>
<p class="stand-in"><strong>{{ $say('checkout.stand-in') }}</strong> {{ $say('checkout.words') }}</p>
@if ($lines !== [])
<table class="summary"><caption class="unseen">{{ $say('checkout.ordered') }}</caption><thead><tr><th scope="col">{{ $say('checkout.product') }}</th><th scope="col">{{ $say('checkout.number') }}</th><th scope="col">{{ $say('checkout.price') }}</th></tr></thead><tbody>
@foreach ($lines as ['line' => $line, 'row' => $row, 'choice' => $choice])<tr><td>{{ $row->title }}@if ($choice !== '') <small>{{ $choice }}</small>@endif</td><td>{{ $line->quantity }}</td><td>{{ $money->format($line->total()) }}</td></tr>@endforeach
</tbody><tfoot><tr><th scope="row" colspan="2">{{ $say('cart.together') }}</th><td>{{ $money->format($totals->total) }}</td></tr></tfoot></table>
@if ($tax)<p class="cart-tax">{{ $tax }}</p>@endif
@endif
<p><a class="button" href="/cart">{{ $say('cart.back') }}</a></p>
</div>
@endsection
