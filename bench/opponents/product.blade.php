@extends('shop::layout')
@section('main')
<div class="page"><section class="band"><div class="band-inner"><div class="column"><div class="column-inner"><nav class="breadcrumbs" aria-label="Breadcrumbs"><ol>
@foreach ($links as $link)<li><a href="{{ $link[1] }}">{{ $link[0] }}</a></li>@endforeach
<li aria-current="page">{{ $product->title }}</li>
</ol></nav>
</div></div>
</div></section>
<section class="band"><div class="band-inner"><div class="column"><div class="column-inner"><div class="gallery gallery-below" data-gallery data-follows>
<div class="gallery-stage" tabindex="0" role="group" aria-label="Pictures of {{ $product->title }}">
@foreach ($product->pictures as $picture)
<img id="g-{{ $picture->id }}" src="/pictures/{{ $picture->file }}-800.webp" srcset="/pictures/{{ $picture->file }}-400.webp 400w, /pictures/{{ $picture->file }}-800.webp 800w" sizes="(max-width: 639px) 92vw, 50vw" width="{{ $picture->width }}" height="{{ $picture->height }}" alt="{{ $picture->alt }}" @if ($loop->first) fetchpriority="high" @else loading="lazy" @endif>
@endforeach
</div>
@if (count($product->pictures) > 1)
<ul class="gallery-thumbs">
@foreach ($product->pictures as $picture)
<li><a href="#g-{{ $picture->id }}" @if ($loop->first) aria-current="true" @endif><img src="/pictures/{{ $picture->file }}-400.webp" width="{{ $picture->width }}" height="{{ $picture->height }}" alt="Show: {{ $picture->alt }}" loading="lazy"></a></li>
@endforeach
</ul>
@endif
</div>
</div></div>
<div class="column"><div class="column-inner"><h1 class="title title-h1">{{ $product->title }}</h1>
<p class="price" data-follows>
<span class="price-now">{{ $price }}</span>
@if ($was)<s class="price-was"><span class="unseen">Before </span>{{ $was }}</s>@endif
</p>
<div class="short-description">{!! $product->shortDescription !!}</div>
<form class="picker" method="get" data-picker data-follows>
@foreach ($product->options as $option)
<fieldset class="picker-option">
<legend>{{ $option->name }} · <span class="picker-chosen">{{ $option->value($variant->values[$option->id])->label }}</span></legend>
<div class="picker-values">
@foreach ($option->values as $value)
<label class="picker-buttons is-available" >
<input type="radio" name="o[{{ $option->id }}]" value="{{ $value->id }}" @checked($variant->values[$option->id] === $value->id)>
<span>{{ $value->label }}</span>
</label>
@endforeach
</div>
</fieldset>
@endforeach
<button type="submit" class="picker-go">Show this choice</button>
</form>
<div class="buy" data-follows>
<form method="post" action="/cart" data-buy>
<input type="hidden" name="_token" value="{{ csrf_token() }}">
<input type="hidden" name="variant" value="{{ $variant->id }}">
<label class="buy-quantity"><span>Quantity</span><input type="number" name="quantity" value="1" min="1" max="99" inputmode="numeric"></label>
<button type="submit" class="buy-button">Add to cart</button>
</form>
<p class="buy-said" role="status" data-said></p>
</div>
</div></div>
</div></section>
<section class="band"><div class="band-inner"><div class="column"><div class="column-inner"><div class="tabs" data-tabs>
<ul class="tabs-list"><li><a href="#tab-d" data-tab="d">Description</a></li></ul>
<section class="tab" id="tab-d"><h3 class="tab-title">Description</h3><div class="description">{!! $product->description !!}</div>
</section>
</div>
</div></div>
</div></section>
</div>
@endsection
