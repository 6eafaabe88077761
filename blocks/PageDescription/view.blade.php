<p {!! $root !!} class="page-description">{{ $d['text'] }}</p>
