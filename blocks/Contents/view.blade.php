<p {!! $root !!} class="contents">{{ $d['text'] }}</p>
