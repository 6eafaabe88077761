@extends('shop::layout')
@section('main')
@if ($notAsWished)<p class="said" role="status">That combination does not exist, so you see the nearest one that does.</p>@endif
{!! $html !!}
@endsection
