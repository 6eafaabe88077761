<p {!! $root !!} class="countdown" data-follows><span data-words="words">{{ $d['words'] }}</span> <time datetime="{{ $d['until'] }}" data-countdown>{{ $d['left'] }}</time></p>
