<div {!! $root !!} class="short-description">{!! $d['html'] !!}</div>
