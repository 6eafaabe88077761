<section {!! $root !!} class="tab" id="tab-{{ $id }}"><h2 class="tab-title">{{ $d['title'] ?? '' }}</h2><div class="tab-inner" id="in-tab-{{ $id }}">{!! $slot !!}</div></section>
