<div {!! $root !!} class="stage">{!! $slot !!}</div>
