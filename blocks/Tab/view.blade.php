<section {!! $root !!} class="tab" id="tab-{{ $id }}"><h3 class="tab-title">{{ $d['title'] ?? '' }}</h3>{!! $slot !!}</section>
