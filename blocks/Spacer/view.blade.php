<div {!! $root !!} class="spacer" aria-hidden="true"></div>
