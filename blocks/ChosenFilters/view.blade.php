<nav {!! $root !!} class="chosen-filters" aria-label="{{ $say('filters.on') }}"><ul>
@foreach ($d['chips'] as $chip)<li><a class="chosen-filter" href="{{ $chip['address'] }}" rel="nofollow" data-narrow><span class="unseen">{{ $say('filters.without-one') }} </span>{{ $chip['words'] }} <svg viewBox="0 0 12 12" aria-hidden="true"><path d="M2 2l8 8M10 2l-8 8"/></svg></a></li>
@endforeach
@if (count($d['chips']) > 1)<li><a class="filters-clear" href="{{ $d['clear'] }}" rel="nofollow" data-narrow>{{ $say('filters.clear') }}</a></li>@endif
</ul></nav>
