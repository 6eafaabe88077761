<section {!! $root !!} @class(['filters', 'filters-sheet' => $d['sheet'] ?? true]) aria-label="{{ $d['title'] ?? '' }}" id="filters-{{ $id }}">
<button type="button" class="filters-open" id="open-{{ $id }}" data-filters-open>{{ $d['title'] ?? '' }}@if (($d['on'] ?? 0) > 0) <span class="filters-on">{{ $d['on'] }}</span>@endif</button>
<a class="filters-unfold" href="#body-{{ $id }}">{{ $d['title'] ?? '' }}@if (($d['on'] ?? 0) > 0) <span class="filters-on">{{ $d['on'] }}</span>@endif</a>
<div class="filters-body" id="body-{{ $id }}" data-filters-body>
<div class="filters-head"><p class="filters-title" data-words="title">{{ $d['title'] ?? '' }}</p>@if (($d['on'] ?? 0) > 0)<a class="filters-clear" href="{{ $d['clear'] }}" rel="nofollow" data-narrow>{{ $say('filters.clear') }}</a>@endif<button type="button" class="filters-close" data-filters-close>{{ $say('filters.close') }}</button><a class="filters-foldaway" href="#filters-{{ $id }}">{{ $say('filters.close') }}</a></div>
<div class="filters-all">{!! $slot !!}</div>
<button type="button" class="button filters-show" data-filters-close>{{ $say('filters.show', ['count' => $d['total'] ?? 0]) }}</button>
<button type="submit" form="narrowing" class="go">{{ $say('filter.apply') }}</button>
</div>
</section>
