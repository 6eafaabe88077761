@extends('shop::layout')
@section('main')
<div class="wrap">
<h1 class="listing-title">{{ trim($query) === '' ? 'Search' : 'Found for “'.$query.'”' }}</h1>
<form class="search-form" action="/search" role="search" aria-label="Search again"><label class="unseen" for="again">Search the shop</label><input id="again" type="search" name="q" value="{{ $query }}" maxlength="200"><button type="submit" class="button">Search</button></form>
@if ($total === 0)
<div class="nothing">
<p>{{ trim($query) === '' ? 'Type what you are looking for: a colour, a brand, a kind of paper.' : 'Nothing matches all of these words. Try fewer of them, or only their beginnings.' }}</p>
<p>Or have a look around:</p>
<ul class="listing-children">@foreach ($roots as $root)<li><a href="/c/{{ rawurlencode($root->slug) }}">{{ $root->name }}</a></li>@endforeach</ul>
</div>
@else
@include('shop::parts.grid')
@endif
</div>
@endsection
