@extends('shop::layout')
@section('main')
<div class="wrap specimens">
<section><h2 class="heading">Buttons in every state</h2>
@foreach (['main' => ['Buy', 'buy-button'], 'second' => ['Look', 'button button-quiet'], 'quiet' => ['More', 'button-words']] as $name => [$words, $class])
<div class="specimen-row" data-specimen="{{ $name }}">@foreach (['usual', 'hovered', 'focused', 'pressed', 'unavailable'] as $state)<span @class(['button-block' => $name === 'quiet'])>@if ($name === 'quiet')<a class="button-words" href="#" data-held="{{ $state }}"@if ($state === 'unavailable') aria-disabled="true"@endif>{{ $words }}</a>@else<button type="button" class="{{ $class }}" data-held="{{ $state }}" @disabled($state === 'unavailable')>{{ $words }}</button>@endif<small>{{ $state }}</small></span>@endforeach</div>
@endforeach
</section>
<section><h2 class="heading">A form</h2>
<form class="specimen-form reviews-write"><label>Your name <input value="Ottilie Fenn"></label><label>A few words <textarea rows="2">It writes as it should.</textarea></label></form>
<div class="picker"><fieldset class="picker-option"><legend>Nib · <span class="picker-chosen">Fine</span></legend><div class="picker-values"><label class="picker-buttons is-available"><input type="radio" name="nib" checked><span>Fine</span></label><label class="picker-buttons is-available"><input type="radio" name="nib"><span>Medium</span></label><label class="picker-buttons is-sold-out"><input type="radio" name="nib"><span>Broad</span></label></div></fieldset></div>
</section>
<section><h2 class="heading">Prices, stars, badges</h2>
<p class="price"><span class="price-now">£8.40</span> <s class="price-was">£10.50</s> <span class="price-saving">save 20 %</span></p>
<ul class="badges"><li class="badge badge-sale">on sale</li><li class="badge badge-new">new</li></ul>
<p>Plain words with <a href="#">a link among them</a>, as they stand in a description.</p>
<details class="fold" open><summary>An open fold</summary><div class="fold-inner">What is inside.</div></details><details class="fold"><summary>A closed one</summary><div class="fold-inner">What is inside.</div></details>
</section>
<section class="specimen-grounds">
@foreach (['ground' => 'ink', 'surface' => 'ink', 'accent' => 'on-accent', 'ink' => 'ground'] as $ground => $words)<div data-ground="{{ $ground }}"><h2 class="heading">On {{ $ground === 'accent' ? 'main' : $ground }}</h2><p>Words as they stand there.</p></div>@endforeach
</section>
</div>
@endsection
