<p {!! $root !!} class="short-description">{{ $d['text'] }}</p>
