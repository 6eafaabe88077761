@php ($stars = 'M10 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L1.5 7.8l5.9-.8zM30 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L21.5 7.8l5.9-.8zM50 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L41.5 7.8l5.9-.8zM70 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L61.5 7.8l5.9-.8zM90 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L81.5 7.8l5.9-.8z')
<p {!! $root !!} class="rating">
@if ($d['average'] === null)
<span class="rating-none">{{ $say('rating.none') }}</span>
@else
<svg class="rating-stars" viewBox="0 0 100 20" width="100" height="20" aria-hidden="true"><path class="rating-off" d="{{ $stars }}"/><svg width="{{ $d['percent'] }}" height="20"><path class="rating-on" d="{{ $stars }}"/></svg></svg>
<span class="rating-words"><span class="unseen">{{ $say('rating.rated') }} </span>{{ $d['average'] }}<span class="unseen"> {{ $say('rating.of-five') }}</span>@if ($d['count']) · {{ $say('rating.count', ['count' => $d['count']]) }}@endif</span>
@endif
</p>
