<p {!! $root !!} class="text" data-words="text">{{ $d['text'] }}</p>
