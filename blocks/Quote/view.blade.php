<figure {!! $root !!} class="quote"><blockquote data-words="text">{{ $d['text'] }}</blockquote>@if ($d['by'] !== '')<figcaption data-words="by">{{ $d['by'] }}</figcaption>@endif</figure>
