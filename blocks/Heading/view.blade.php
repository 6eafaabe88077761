<{{ $d['level'] }} {!! $root !!} class="heading" data-words="text">{{ $d['text'] }}</{{ $d['level'] }}>
