<div {!! $root !!} class="page">{!! $slot !!}</div>
