<p {!! $root !!} class="price" data-follows>
@if ($d['from'])<span class="price-from">{{ $say('price.from') }}</span> @endif
<span class="price-now">{{ $d['now'] }}@if ($d['to']) – {{ $d['to'] }}@endif</span>
@if ($d['was'])<s class="price-was"><span class="unseen">{{ $say('price.before') }} </span>{{ $d['was'] }}</s>@endif
@if ($d['saving'])<span class="price-saving">{{ $d['saving'] }}</span>@endif
@if ($d['tax'])<small class="price-tax">{{ $d['tax'] }}</small>@endif
@if ($d['unit'])<small class="price-unit">{{ $d['unit'] }}</small>@endif
</p>
