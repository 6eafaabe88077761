<footer {!! $root !!} class="footer">{!! $slot !!}</footer>
