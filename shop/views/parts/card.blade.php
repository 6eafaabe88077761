<li class="card">
<a class="card-link" href="{{ $card['address'] }}">
<div class="card-picture">
@forelse ($card['pictures'] as $picture)
<img src="/pictures/{{ $picture->file }}-400.webp" srcset="/pictures/{{ $picture->file }}-400.webp 400w, /pictures/{{ $picture->file }}-800.webp 800w" sizes="(max-width: 639px) 46vw, 280px" width="{{ $picture->width }}" height="{{ $picture->height }}" class="focus-x{{ $picture->focus_x }} focus-y{{ $picture->focus_y }}" alt=""@if (! ($eager ?? false)) loading="lazy"@endif>
@empty
<svg class="card-stand-in" viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/><circle cx="46" cy="14" r="5"/></svg>
@endforelse
@if (! $card['inStock'])<span class="card-badge">{{ $say('badge.out') }}</span>@elseif ($card['saving'] > 0)<span class="card-badge card-badge-sale">−{{ $card['saving'] }} %</span>@endif
</div>
<p class="card-brand">{{ $card['brand'] ?? '' }}</p>
<h3 class="card-title">{{ $card['title'] }}</h3>
<p class="card-price">
@if ($card['now'] === null)<span class="card-was">{{ $say('price.not-for-sale') }}</span>
@else
@if ($card['from'])<span class="card-was">{{ $say('price.from') }}</span> @endif<span>{{ $card['now'] }}</span>
@if ($card['was'] && ! $card['from']) <s class="card-was"><span class="unseen">{{ $say('price.before') }} </span>{{ $card['was'] }}</s>@endif
@endif
</p>
</a>
</li>
