<div {!! $root !!} class="description">{!! $d['html'] !!}</div>
