@extends('shop::layout')
@section('main')
<div class="page"><section class="band"><div class="band-inner"><div class="column"><div class="column-inner"><h1 class="page-title">{{ $title }}</h1>
<section class="product-grid product-grid-grid">
<div class="product-grid-bar">
<p>{{ $say('list.count', ['count' => $total]) }}</p>
</div>
<ul class="product-grid-cards" data-list="1">
@foreach ($products as $product)
@php
    $address = '/p/'.rawurlencode($product->slug);
    $lowest = $highest = $best = null;
    $inStock = [];
    foreach ($product->variants as $variant) {
        $price = $variant->priceAt($now);
        if ($lowest === null || $price < $lowest) {
            [$lowest, $of] = [$price, $variant];
        }
        $highest = max($highest ?? $price, $price);
        if ($variant->isInStock()) {
            $inStock[] = $variant;
        }
    }
    $best = $inStock[0] ?? $product->variants[0] ?? null;
    $badges = [];
    if ($best !== null && $best->isOnSale($now)) {
        $badges['sale'] = $say('badge.sale', ['percent' => intdiv(($best->price - $best->priceAt($now)) * 100, $best->price)]);
    }
    if ($best !== null && $inStock === []) {
        $badges['out'] = $say('badge.out');
    }
    $tenths = $product->reviewCount === 0 ? 0 : intdiv($product->starSum * 20 + $product->reviewCount, $product->reviewCount * 2);
    $colours = null;
    foreach ($product->options as $option) {
        if ($option->isColour()) {
            $colours = $option;
            break;
        }
    }
    $colours ??= $product->options[0] ?? null;
@endphp
<li class="card card-linked"><a class="card-cover" href="{{ $address }}" tabindex="-1" aria-hidden="true"></a><div class="product-picture"><a class="product-picture-room" href="{{ $address }}">
@forelse (array_slice($product->pictures, 0, 2) as $picture)
<img src="/pictures/{{ $picture->file }}-400.webp" srcset="/pictures/{{ $picture->file }}-400.webp 400w, /pictures/{{ $picture->file }}-800.webp 800w" sizes="(max-width: 639px) 46vw, 280px" width="{{ $picture->width }}" height="{{ $picture->height }}" class="focus-x{{ $picture->focusX }} focus-y{{ $picture->focusY }}" alt="{{ $loop->first ? $product->title : '' }}"@if ($loop->parent->index > 3 || ! $loop->first) loading="lazy"@endif>
@empty
<svg class="product-picture-none" viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg><span class="unseen">{{ $product->title }}</span>
@endforelse
</a>
</div>
@if ($badges !== [])<ul class="badges" data-follows>@foreach ($badges as $kind => $words)<li class="badge badge-{{ $kind }}">{{ $words }}</li>@endforeach</ul>@endif
@if ($colours !== null)<div class="swatches"><span class="unseen">{{ $colours->name }}</span><ul>@foreach (array_slice($colours->values, 0, 6) as $value)<li>@if ($value->swatch)<svg viewBox="0 0 32 32" role="img" aria-label="{{ $value->label }}"><title>{{ $value->label }}</title><circle cx="16" cy="16" r="15" fill="{{ $value->swatch }}"/></svg>@else{{ $value->label }}@endif</li>@endforeach @if (count($colours->values) > 6)<li>{{ $say('option.more', ['count' => count($colours->values) - 6]) }}</li>@endif</ul></div>@endif
@if ($product->brand !== null)<p class="brand">{{ $product->brand->name }}</p>@endif
<h3 class="title title-h3"><a href="{{ $address }}">{{ $product->title }}</a></h3>
@if ($product->reviewCount > 0)
<p class="rating">
<svg class="rating-stars" viewBox="0 0 100 20" width="100" height="20" aria-hidden="true"><path class="rating-off" d="{{ $stars }}"/><svg width="{{ $tenths * 2 }}" height="20"><path class="rating-on" d="{{ $stars }}"/></svg></svg>
<span class="rating-words"><span class="unseen">{{ $say('rating.rated') }} </span>{{ number_format($tenths / 10, 1) }}<span class="unseen"> {{ $say('rating.of-five') }}</span> · {{ $say('rating.count', ['count' => $product->reviewCount]) }}</span>
</p>
@endif
@if ($lowest !== null)
<p class="price" data-follows>
@if ($lowest !== $highest)<span class="price-from">{{ $say('price.from') }}</span> @endif
<span class="price-now">{{ $money->format($lowest !== $highest ? $lowest : $best->priceAt($now)) }}</span>
@if ($lowest === $highest && $best->isOnSale($now))<s class="price-was"><span class="unseen">{{ $say('price.before') }} </span>{{ $money->format($best->price) }}</s>@endif
</p>
@endif
<div class="quick-buy">
@if ($product->variants === [])<p class="quick-buy-gone">{{ $say('price.not-for-sale') }}</p>
@elseif ($inStock === [])<p class="quick-buy-gone" data-words="soldOut">{{ $say('buy.gone') }}</p>
@elseif (count($product->variants) > 1)<a class="quick-buy-button quick-buy-line" href="{{ $address }}"><span data-words="choose">{{ $say('buy.choose') }}</span><span class="unseen">: {{ $product->title }}</span></a>
@else
<form method="post" action="/cart" data-buy data-then="stay" data-adding="{{ $say('buy.adding') }}" data-added-says="{{ $say('buy.added') }}" data-to-cart="{{ $say('notice.label') }}"><input type="hidden" name="variant" value="{{ $inStock[0]->id }}"><button type="submit" class="quick-buy-button quick-buy-line" aria-label="{{ $say('buy.label') }}: {{ $product->title }}" data-words="label">{{ $say('buy.label') }}</button></form>
<p class="quick-buy-said" role="status" data-said></p>
@endif
</div>
</li>
@endforeach
</ul>
</section>
</div></div></div></section></div>
@endsection
