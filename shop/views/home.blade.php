@extends('shop::layout')
@section('main')
<section class="hero"><div class="hero-inner">
<div>
<h1>{{ $say('home.title') }}</h1>
<p>{{ $say('home.words') }}</p>
<p><a class="button" href="/c/inks">{{ $say('home.first') }}</a> <a class="button button-quiet" href="/all">{{ $say('home.everything') }}</a></p>
</div>
@if ($picture)<img src="/pictures/{{ $picture }}-800.webp" width="800" height="800" alt="" fetchpriority="high">@endif
</div></section>
<div class="wrap">
<ul class="shelves">
@foreach ($roots as $root)
<li><a href="/c/{{ rawurlencode($root['category']->slug) }}">@if ($root['file'])<img src="/pictures/{{ $root['file'] }}-400.webp" width="400" height="400" alt="">@endif<span>{{ $root['category']->name }}</span></a></li>
@endforeach
</ul>
<h2 class="section-title">{{ $say('home.new') }}</h2>
<ul class="cards">@foreach ($cards as $card)@include('shop::parts.card')@endforeach</ul>
<h2 class="section-title">{{ $say('home.collections') }}</h2>
<ul class="collections">
@foreach ($collections as $collection)<li><a href="/collection/{{ rawurlencode($collection->slug) }}"><strong>{{ $collection->name }}</strong><span>{{ $collection->description }}</span></a></li>@endforeach
</ul>
</div>
@endsection
