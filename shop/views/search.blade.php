@extends('shop::layout')
@section('main')
<div class="wrap">
<h1 class="listing-title">{{ trim($query) === '' ? $say('search.title') : $say('search.found', ['query' => $query]) }}</h1>
<form class="search-form" action="/search" role="search" aria-label="{{ $say('search.again') }}"><label class="unseen" for="again">{{ $say('search.shop') }}</label><input id="again" type="search" name="q" value="{{ $query }}" maxlength="200"><button type="submit" class="button">{{ $say('search.title') }}</button></form>
@if ($total === 0)
<div class="nothing">
<p>{{ $say(trim($query) === '' ? 'search.type' : 'search.nothing') }}</p>
<p>{{ $say('search.around') }}</p>
<ul class="listing-children">@foreach ($roots as $root)<li><a href="/c/{{ rawurlencode($root->slug) }}">{{ $root->name }}</a></li>@endforeach</ul>
</div>
@else
@include('shop::parts.grid')
@endif
</div>
@endsection
