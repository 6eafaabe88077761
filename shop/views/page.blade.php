@extends('shop::layout')
@section('main')
@if ($looking ?? null)
<aside class="said" aria-label="A draft"><form method="post" action="/look/end">You are looking at “{{ $looking['name'] }}”, a draft that customers do not see.@if (! $looking['would']) This {{ $looking['one'] }} would not get it.@endif <button type="submit" class="said-button">Back to the shop as it is</button></form></aside>
@endif
@if ($notAsWished)<p class="said" role="status">That combination does not exist, so you see the nearest one that does.</p>@endif
{!! $html !!}
@endsection
