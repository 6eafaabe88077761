<div {!! $root !!} class="accordion">{!! $slot !!}</div>
