<div {!! $root !!} class="rich-text">{!! $d['html'] !!}</div>
