<{{ $d['title'] !== '' ? 'section' : 'div' }} {!! $root !!} @class(['product-grid', 'product-grid-'.$d['layout']])@if ($d['layout'] === 'row') data-carousel @endif>
@if ($d['title'] !== '')<{{ $d['heading'] }} class="product-grid-title" data-words="title">{{ $d['title'] }}</{{ $d['heading'] }}>@endif
@if ($d['none'] && $d['clear'] !== null)
<div class="product-grid-none" data-list="1"><p>{{ $say('filters.none') }}</p>@if ($d['giveUp'] !== null)<p><a href="{{ $d['giveUp']['address'] }}" rel="nofollow" data-narrow>{{ $say('filters.give-up', ['names' => implode(', ', $d['giveUp']['names']), 'count' => $d['giveUp']['products']]) }}</a></p>@endif<p><a href="{{ $d['clear'] }}" rel="nofollow" data-narrow>{{ $say('filters.clear') }}</a></p></div>
@elseif ($d['none'])
@if ($d['empty'] !== '')<p class="product-grid-none" data-words="empty">{{ $d['empty'] }}</p>@endif
@else
@if ($d['total'] !== null || $d['sorts'] !== [])
<div class="product-grid-bar">
@if ($d['total'] !== null)<p>{{ $say('list.count', ['count' => $d['total']]) }}</p>@endif
@if ($d['sorts'] !== [])<form method="get" class="list-choice" data-list-choice>@foreach ($d['asked'] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach<label>{{ $say('list.order') }} <select name="sort">@foreach ($d['sorts'] as $value)<option value="{{ $value }}" @selected($value === $d['sort'])>{{ $say("list.$value") }}</option>@endforeach</select></label><button type="submit" class="go">{{ $say('list.show') }}</button></form>@endif
</div>
@endif
<ul class="product-grid-cards"@if ($d['page'] !== null) data-list="{{ $d['page'] }}"@endif @if ($d['layout'] === 'row') tabindex="0" data-carousel-track @endif>
{!! \Vestibra\Blocks\ProductGrid\Pictures::eager($slot, $d['page'] !== null) !!}</ul>
@if ($d['layout'] === 'row')<div class="carousel-buttons with-script"><button type="button" data-carousel-step="-1" aria-label="{{ $say('carousel.back') }}">‹</button><button type="button" data-carousel-step="1" aria-label="{{ $say('carousel.on') }}">›</button></div>@endif
@endif
</{{ $d['title'] !== '' ? 'section' : 'div' }}>
