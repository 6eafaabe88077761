<div {!! $root !!}>{!! $slot !!}</div>
