<{{ $d['title'] !== '' ? 'section' : 'div' }} {!! $root !!} class="reviews" id="reviews">
@if ($d['title'] !== '')<{{ $d['heading'] }} class="reviews-title" data-words="title">{{ $d['title'] }}</{{ $d['heading'] }}>@endif
@if (count($d['reviews']) > 1)<p class="reviews-order">@foreach ($d['orders'] as $order)@if ($order === $d['sort'])<strong aria-current="true">{{ $say("reviews.$order") }}</strong>@else<a href="{{ $d['page'] }}?reviews={{ $order }}#reviews">{{ $say("reviews.$order") }}</a>@endif @endforeach</p>@endif
<ul>@foreach ($d['reviews'] as $review)<li><p class="reviews-head"><span class="reviews-stars" aria-hidden="true">{{ str_repeat('★', $review['stars']).str_repeat('☆', 5 - $review['stars']) }}</span><span class="unseen">{{ $say('reviews.stars-by', ['stars' => $review['stars']]) }} </span> <strong>{{ $review['author'] }}</strong> <span class="reviews-day">{{ $review['day'] }}</span></p>@if ($review['words'] !== '')<p class="reviews-words">{{ $review['words'] }}</p>@endif</li>@endforeach</ul>
@if (count($d['reviews']) < $d['all'])<p class="reviews-day">{{ $say('reviews.some-of', ['shown' => count($d['reviews']), 'all' => $d['all']]) }}</p>@endif
@if ($d['form'])
<details class="reviews-write" @if (session('reviewSaid') || session('errors')?->has('review')) open @endif><summary>{{ $say('reviews.write') }}</summary>
@if (session('reviewSaid'))<p role="status">{{ session('reviewSaid') }}</p>@endif
@if (session('errors')?->has('review'))<p role="alert" class="reviews-wrong">{{ session('errors')->first('review') }}</p>@endif
<form method="post" action="{{ $d['form'] }}">
<p class="reviews-honey" aria-hidden="true"><label>{{ $say('reviews.trap') }} <input name="website" tabindex="-1" autocomplete="off"></label></p>
<p><label>{{ $say('reviews.name') }} <input name="author" required maxlength="60" autocomplete="name" value="{{ old('author') }}"></label></p>
<fieldset><legend>{{ $say('reviews.stars') }}</legend>@for ($star = 5; $star >= 1; $star--)<label><input type="radio" name="stars" value="{{ $star }}" required @checked(old('stars') == $star)> {{ $star }}</label> @endfor</fieldset>
<p><label>{{ $say('reviews.words') }} <textarea name="words" rows="4" maxlength="2000">{{ old('words') }}</textarea></label></p>
<p><button type="submit">{{ $say('reviews.send') }}</button></p>
<p class="reviews-day">{{ $say('reviews.first-read') }}</p>
</form>
</details>
@endif
</{{ $d['title'] !== '' ? 'section' : 'div' }}>
