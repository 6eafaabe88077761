<p {!! $root !!} class="rating">
@if ($d['average'] === null)
<span class="rating-none">{{ $say('rating.none') }}</span>
@else
<svg class="rating-stars" viewBox="0 0 100 20" width="100" height="20" aria-hidden="true"><defs><path id="s-{{ $id }}" d="M10 1.6l2.6 5.4 5.9.8-4.3 4.1 1 5.9-5.2-2.8-5.2 2.8 1-5.9L1.500 7.800l5.9-.8z"/><clipPath id="c-{{ $id }}"><rect width="{{ $d['percent'] }}" height="20"/></clipPath></defs>@foreach (['rating-off', 'rating-on'] as $layer)<g class="{{ $layer }}" @if ($loop->last) clip-path="url(#c-{{ $id }})" @endif>@for ($star = 0; $star < 5; $star++)<use href="#s-{{ $id }}" x="{{ $star * 20 }}"/>@endfor</g>@endforeach</svg>
<span class="rating-words"><span class="unseen">{{ $say('rating.rated') }} </span>{{ $d['average'] }}<span class="unseen"> {{ $say('rating.of-five') }}</span>@if ($d['count']) · {{ $say('rating.count', ['count' => $d['count']]) }}@endif</span>
@endif
</p>
