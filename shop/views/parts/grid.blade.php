<div class="listing-bar">
<p>{{ $say('list.count', ['count' => $total]) }}</p>
<form method="get" class="listing-sort" data-list-choice>
@if (($query ?? '') !== '')<input type="hidden" name="q" value="{{ $query }}">@endif
<label>{{ $say('list.order') }} <select name="sort">@foreach ($sorts as $value)<option value="{{ $value }}" @selected($value === $sort)>{{ $say("list.$value") }}</option>@endforeach</select></label>
<button type="submit" class="go">{{ $say('list.show') }}</button>
</form>
</div>
{!! $products !!}
@include('shop::parts.pager')
