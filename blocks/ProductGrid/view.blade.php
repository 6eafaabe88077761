<div {!! $root !!} class="product-grid">
@if ($d['cards'] === [])
<p class="product-grid-none" data-words="empty">{{ $d['empty'] }}</p>
@else
@if ($d['total'] !== null || $d['sorts'] !== [])
<div class="product-grid-bar">
@if ($d['total'] !== null)<p>{{ $say('list.count', ['count' => $d['total']]) }}</p>@endif
@if ($d['sorts'] !== [])<form method="get" class="product-grid-sort" data-sort><label>{{ $say('list.order') }} <select name="sort">@foreach ($d['sorts'] as $value)<option value="{{ $value }}" @selected($value === $d['sort'])>{{ $say("list.$value") }}</option>@endforeach</select></label><button type="submit" class="go">{{ $say('list.show') }}</button></form>@endif
</div>
@endif
<ul class="product-grid-cards">@foreach ($d['cards'] as $card)@include('shop::parts.card', ['eager' => $loop->index < 4])@endforeach</ul>
@endif
</div>
