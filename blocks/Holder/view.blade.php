<div {!! $root !!} class="holder">{!! $slot !!}</div>
