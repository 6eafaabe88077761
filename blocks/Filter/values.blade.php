@if ($d['as'] === 'words')
<p class="filter-ends"><label><span class="unseen">{{ $say('filter.find') }}</span><input class="filter-field" type="search" id="in-{{ $id }}" form="narrowing" name="words" value="{{ $d['words'] }}" maxlength="100" placeholder="{{ $say('filter.find') }}"></label></p>
@elseif ($d['as'] === 'range')
<fieldset class="filter-range" data-range @if ($d['range']['slider']) data-slider @endif><legend class="unseen">{{ $d['name'] }}</legend>
@if ($d['range']['slider'])<div class="filter-slider" data-least="{{ $d['range']['least'] }}" data-most="{{ $d['range']['most'] }}" data-step="{{ $d['range']['step'] }}" data-unit="{{ $d['range']['unit'] }}" @if ($d['range']['isMoney']) data-money @endif></div>@endif
<p class="filter-ends">@foreach (['from' => 'least', 'to' => 'most'] as $end => $bound)<label><span>{{ $say("filter.$bound") }}@if ($d['range']['unit'] !== '') <span class="filter-unit">{{ $d['range']['unit'] }}</span>@endif</span><input class="filter-field" id="{{ $end }}-{{ $id }}" form="narrowing" name="{{ $d['parameter'] }}[{{ $end }}]" value="{{ $d['range'][$end] }}" @if ($d['range']['isDate']) type="date" min="{{ $d['range']['least'] }}" max="{{ $d['range']['most'] }}" @else type="text" inputmode="decimal" maxlength="16" placeholder="{{ $d['range'][$bound] }}" @endif autocomplete="off"></label>@endforeach</p>
</fieldset>
@else
@if ($d['find'])<p class="filter-ends filter-find"><label><span class="unseen">{{ $say('filter.find-in', ['name' => $d['name']]) }}</span><input class="filter-field" type="search" id="find-{{ $id }}" form="narrowing" name="find[{{ $d['parameter'] }}]" value="{{ $d['sought'] }}" maxlength="100" placeholder="{{ $say('filter.find-in', ['name' => $d['name']]) }}" autocomplete="off"></label></p>@endif
@if ($d['as'] === 'list')
<label class="filter-list"><span class="unseen">{{ $d['name'] }}</span><select id="in-{{ $id }}" form="narrowing" name="{{ $d['parameter'] }}[]"><option value="">{{ $say('filter.any') }}</option>@foreach ([...$d['values'], ...$d['more']] as $value)<option value="{{ $value['written'] }}" @selected($value['chosen']) @disabled($value['nowhere'])>{{ str_repeat("\u{2003}", $value['depth']).$value['label'] }}@if ($d['counts']) ({{ $value['count'] }})@endif</option>@endforeach</select></label>
@if ($d['left'] > 0)<p class="filter-left">{{ $say('filter.left', ['count' => $d['left']]) }}</p>@endif
@else
<fieldset class="filter-values filter-as-{{ $d['as'] }}"><legend class="unseen">{{ $d['name'] }}</legend>
@if ($d['as'] === 'one')<label class="filter-value"><input type="radio" id="in-{{ $id }}-any" form="narrowing" name="{{ $d['parameter'] }}[]" value="" @checked(! $d['on'])><span class="filter-word">{{ $say('filter.any') }}</span></label>@endif
@include('blocks::Filter.some', ['some' => $d['values']])
@if ($d['more'] !== [])<details class="filter-more" id="more-{{ $id }}" @if ($d['moreOpen']) open @endif><summary>{{ $say('filter.more', ['count' => count($d['more'])]) }}</summary><div class="filter-values filter-as-{{ $d['as'] }}">@include('blocks::Filter.some', ['some' => $d['more']])</div></details>@endif
@if ($d['left'] > 0)<p class="filter-left">{{ $say('filter.left', ['count' => $d['left']]) }}</p>@endif
</fieldset>
@endif
@if ($d['sought'] !== '' && $d['called'] === 0)<p class="filter-left">{{ $say('filter.none-called', ['words' => $d['sought']]) }}</p>@endif
@endif
<button type="submit" form="narrowing" class="go filter-go">{{ $say('filter.apply') }}</button>
