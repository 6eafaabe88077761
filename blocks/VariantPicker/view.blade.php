@php ($form = 'form="buying-'.$d['product'].'"')
<div {!! $root !!} class="picker" data-picker data-follows>
<input type="hidden" name="variant" value="{{ $d['variant'] }}" {!! $form !!}>
@foreach ($d['options'] as $option)
@if ($option['look'] === 'list')
<p class="picker-option"><label for="{{ $id }}-{{ $option['id'] }}">{{ $option['name'] }}</label>
<select id="{{ $id }}-{{ $option['id'] }}" name="choice[{{ $id }}][{{ $option['id'] }}]" {!! $form !!}>
@foreach ($option['values'] as $value)
<option value="{{ $value['id'] }}" @selected($value['chosen'])>{{ $value['label'] }}@if ($value['availability'] === 'sold-out') ({{ $say('choice.sold-out') }})@elseif ($value['availability'] === 'not-made') ({{ $say('choice.changes') }})@endif</option>
@endforeach
</select></p>
@else
<fieldset class="picker-option">
<legend>{{ $option['name'] }} · <span class="picker-chosen">{{ $option['chosen'] }}</span></legend>
<div class="picker-values">
@foreach ($option['values'] as $value)
<label class="picker-{{ $option['look'] }} is-{{ $value['availability'] }}" @if ($option['look'] === 'swatches' || $option['look'] === 'pictures') title="{{ $value['label'] }}" @endif>
<input type="radio" name="choice[{{ $id }}][{{ $option['id'] }}]" value="{{ $value['id'] }}" {!! $form !!} @checked($value['chosen'])>
@if ($option['look'] === 'pictures')<img src="{{ $value['picture']['tiny'] }}" width="{{ $value['picture']['width'] }}" height="{{ $value['picture']['height'] }}" alt="{{ $value['label'] }}" loading="lazy">
@elseif ($option['look'] === 'swatches' && $value['swatch'])<svg viewBox="0 0 32 32" aria-hidden="true"><circle cx="16" cy="16" r="15" fill="{{ $value['swatch'] }}"/>@if ($value['availability'] !== 'available')<path d="M4 28L28 4" class="picker-struck"/>@endif</svg><span class="unseen">{{ $value['label'] }}</span>
@else<span>{{ $value['label'] }}</span>@endif
@if ($value['availability'] === 'sold-out')<span class="unseen">, {{ $say('choice.sold-out') }}</span>@elseif ($value['availability'] === 'not-made')<span class="unseen">, {{ $say('choice.not-made') }}</span>@endif
</label>
@endforeach
</div>
</fieldset>
@endif
@endforeach
<button type="submit" name="choose" value="1" class="picker-go" {!! $form !!}>{{ $say('choice.show') }}</button>
</div>
