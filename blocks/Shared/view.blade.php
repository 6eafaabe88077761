<div {!! $root !!} class="shared">{!! $slot !!}</div>
