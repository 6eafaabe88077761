<div {!! $root !!} class="column"><div class="column-inner">{!! $slot !!}</div></div>
