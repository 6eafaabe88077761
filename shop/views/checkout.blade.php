@extends('shop::layout')
@inject('money', \Vestibra\Core\Selling\MoneyFormat::class)
@section('main')
<div class="wrap wrap-narrow">
<h1 class="listing-title">Checkout</h1>
<p class="stand-in"><strong>This is a stand-in.</strong> Larkfold is an invented shop: no payment is taken here and nothing is sent. Your cart stays as it is.</p>
@if ($lines !== [])
<table class="summary"><caption class="unseen">What would be ordered</caption><thead><tr><th scope="col">Product</th><th scope="col">Number</th><th scope="col">Price</th></tr></thead><tbody>
@foreach ($lines as ['line' => $line, 'row' => $row, 'choice' => $choice])<tr><td>{{ $row->title }}@if ($choice !== '') <small>{{ $choice }}</small>@endif</td><td>{{ $line->quantity }}</td><td>{{ $money->format($line->total()) }}</td></tr>@endforeach
</tbody><tfoot><tr><th scope="row" colspan="2">Together</th><td>{{ $money->format($totals->total) }}</td></tr></tfoot></table>
@endif
<p><a class="button" href="/cart">Back to the cart</a></p>
</div>
@endsection
