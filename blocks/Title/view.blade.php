<{{ $d['level'] }} {!! $root !!} class="title title-{{ $d['level'] }}">{{ $d['text'] }}</{{ $d['level'] }}>
