<hr {!! $root !!} class="divider">
