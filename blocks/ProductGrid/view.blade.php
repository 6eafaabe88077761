<div {!! $root !!} class="product-grid">
@if ($d['cards'] === [])
<p class="product-grid-none" data-words="empty">{{ $d['empty'] }}</p>
@else
@if ($d['total'] !== null || $d['sorts'] !== [])
<div class="product-grid-bar">
@if ($d['total'] !== null)<p>{{ $d['total'] === 1 ? '1 product' : number_format($d['total']).' products' }}</p>@endif
@if ($d['sorts'] !== [])<form method="get" class="product-grid-sort" data-sort><label>In order <select name="sort">@foreach ($d['sorts'] as $value => $words)<option value="{{ $value }}" @selected($value === $d['sort'])>{{ $words }}</option>@endforeach</select></label><button type="submit" class="go">Show</button></form>@endif
</div>
@endif
<ul class="product-grid-cards">@foreach ($d['cards'] as $card)@include('shop::parts.card', ['eager' => $loop->index < 4])@endforeach</ul>
@endif
</div>
