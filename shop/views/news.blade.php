@extends('shop::layout')
@section('main')
<div class="wrap wrap-narrow">
<h1 class="listing-title">{{ $title }}</h1>
<form class="nothing" method="post"><p><button class="button" type="submit">{{ $does }}</button> <a class="button button-quiet" href="/">{{ $say('error.shop') }}</a></p></form>
</div>
@endsection
