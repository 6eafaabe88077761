@extends('shop::layout')
@section('main')
@if ($looking ?? null)
<aside class="said" aria-label="{{ $say('draft.about') }}"><form method="post" action="/look/end">{{ $say('draft.words', ['name' => $looking['name']]) }}@if (! $looking['would']) {{ $say('draft.not-here', ['one' => $looking['one']]) }}@endif <button type="submit" class="said-button">{{ $say('draft.back') }}</button></form></aside>
@endif
@if ($notAsWished)<p class="said" role="status">{{ $say('choice.nearest') }}</p>@endif
@foreach ($buying as $product => $isOwn)<form id="buying-{{ $product }}" method="post" action="/cart" data-buying="{{ $isOwn ? 'o' : "of[$product]" }}"><button type="submit" name="choose" value="1" hidden>{{ $say('choice.show') }}</button></form>@endforeach
{!! $html !!}

@if (str_contains($html, 'form="narrowing"'))<form id="narrowing" method="get" action="?" data-styles="{{ $styles }}" data-failed="{{ $say('filters.failed') }}"><input type="hidden" name="{{ \Vestibra\App\Doors\Requests\Visits::FORM }}" value="1">@foreach ($keeps as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach<p class="unseen" role="status" data-narrowed></p></form>@endif

@endsection
