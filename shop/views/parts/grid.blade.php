<div class="listing-bar">
<p>{{ $total === 1 ? '1 product' : number_format($total).' products' }}</p>
<form method="get" class="listing-sort" data-sort>
@if (($query ?? '') !== '')<input type="hidden" name="q" value="{{ $query }}">@endif
<label>In order <select name="sort">@foreach ($sorts as $value => $words)<option value="{{ $value }}" @selected($value === $sort)>{{ $words }}</option>@endforeach</select></label>
<button type="submit" class="go">Show</button>
</form>
</div>
<ul class="cards">@foreach ($cards as $card)@include('shop::parts.card', ['eager' => $loop->index < 4])@endforeach</ul>
@include('shop::parts.pager')
