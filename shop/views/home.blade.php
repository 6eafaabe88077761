@extends('shop::layout')
@section('main')
<section class="hero"><div class="hero-inner">
<div>
<h1>For people who still write things down</h1>
<p>Pens that start at once, inks with names worth saying, and paper that takes both.</p>
<p><a class="button" href="/c/inks">See the inks</a> <a class="button button-quiet" href="/all">Everything</a></p>
</div>
@if ($picture)<img src="/pictures/{{ $picture }}-800.webp" width="800" height="800" alt="" fetchpriority="high">@endif
</div></section>
<div class="wrap">
<ul class="shelves">
@foreach ($roots as $root)
<li><a href="/c/{{ rawurlencode($root['category']->slug) }}">@if ($root['file'])<img src="/pictures/{{ $root['file'] }}-400.webp" width="400" height="400" alt="">@endif<span>{{ $root['category']->name }}</span></a></li>
@endforeach
</ul>
<h2 class="section-title">New on the shelves</h2>
<ul class="cards">@foreach ($cards as $card)@include('shop::parts.card')@endforeach</ul>
<h2 class="section-title">Put together by us</h2>
<ul class="collections">
@foreach ($collections as $collection)<li><a href="/collection/{{ rawurlencode($collection->slug) }}"><strong>{{ $collection->name }}</strong><span>{{ $collection->description }}</span></a></li>@endforeach
</ul>
</div>
@endsection
