<header {!! $root !!} class="header"@if (($d['stays'] ?? 'no') !== 'no') data-stays="{{ $d['stays'] }}"@endif>{!! $slot !!}</header>
