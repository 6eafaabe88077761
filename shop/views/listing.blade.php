@extends('shop::layout')
@section('main')
<div class="wrap">
<nav class="crumbs" aria-label="Breadcrumbs"><ol><li><a href="/">Home</a></li>@foreach ($crumbs as $crumb)<li><a href="/c/{{ rawurlencode($crumb->slug) }}">{{ $crumb->name }}</a></li>@endforeach<li aria-current="page">{{ $title }}</li></ol></nav>
<h1 class="listing-title">{{ $title }}</h1>
@if ($words !== '')<p class="listing-words">{{ $words }}</p>@endif
@if ($children !== [])
<ul class="listing-children">@foreach ($children as $child)<li><a href="/c/{{ rawurlencode($child->slug) }}">{{ $child->name }}</a></li>@endforeach</ul>
@endif
@if ($total === 0)
<div class="nothing"><p>There is nothing on this shelf at the moment.</p><p><a class="button" href="/all">See all products</a></p></div>
@else
@include('shop::parts.grid')
@endif
</div>
@endsection
