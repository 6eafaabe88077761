<section {!! $root !!} class="band"><div class="band-inner">{!! $slot !!}</div></section>
