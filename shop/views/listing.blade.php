@extends('shop::layout')
@section('main')
<div class="wrap">
<nav class="crumbs" aria-label="{{ $say('way.breadcrumbs') }}"><ol><li><a href="/">{{ $say('way.home') }}</a></li>@foreach ($crumbs as $crumb)<li><a href="/c/{{ rawurlencode($crumb->slug) }}">{{ $crumb->name }}</a></li>@endforeach<li aria-current="page">{{ $title }}</li></ol></nav>
<h1 class="listing-title">{{ $title }}</h1>
@if ($words !== '')<p class="listing-words">{{ $words }}</p>@endif
@if ($children !== [])
<ul class="listing-children">@foreach ($children as $child)<li><a href="/c/{{ rawurlencode($child->slug) }}">{{ $child->name }}</a></li>@endforeach</ul>
@endif
@if ($total === 0)
<div class="nothing"><p>{{ $say('list.none') }}</p><p><a class="button" href="/all">{{ $say('list.see-all') }}</a></p></div>
@else
@include('shop::parts.grid')
@endif
</div>
@endsection
