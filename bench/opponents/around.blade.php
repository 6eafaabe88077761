@php ($tops = array_filter($categories, static fn ($one) => $one->parent_id === null))
@if ($part === 'header')<header class="header"><section class="band">
<div class="band-inner"><div class="column"><div class="column-inner"><div class="holder"><a class="logo" href="/" aria-label="{{ $shop }}, first page"><span class="logo-name">{{ $shop }}</span></a>
<nav class="navigation" aria-label="Shop" data-drawer="phone">
<button type="button" class="navigation-open" aria-haspopup="dialog" data-navigation-open><svg viewBox="0 0 24 24" width="22" height="22" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linecap="round" aria-hidden="true"><path d="M4 8h16M4 16h11"/></svg><span>Menu</span></button><div class="navigation-body" data-navigation-body>
<button type="button" class="navigation-close" data-navigation-close>Close</button><ul class="navigation-list">
@foreach ($tops as $top)<li class="navigation-entry"><a href="/c/{{ rawurlencode($top->slug) }}">{{ $top->name }}</a><button type="button" class="navigation-more" aria-expanded="false" aria-controls="nav-{{ $top->id }}" aria-label="More in {{ $top->name }}"><svg viewBox="0 0 12 12" width="12" height="12" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"><path d="M2.500 4.500 6 8l3.500-3.500"/></svg></button><div class="navigation-panel" id="nav-{{ $top->id }}"><ul>
@foreach ($categories as $one)@if ($one->parent_id === $top->id)<li><a href="/c/{{ rawurlencode($one->slug) }}"><span>{{ $one->name }}</span></a></li>@endif
@endforeach
</ul></div></li>
@endforeach
<li class="navigation-entry"><a href="/all">All</a></li>
</ul>
</div>
</nav>
<form class="search-field search-glass" action="/search" role="search" aria-label="Search the shop" data-suggests><label class="unseen" for="query">Search the shop</label><input id="query" type="search" name="q" value="" maxlength="200" placeholder="Search the shop" autocomplete="off"><button type="submit" class="button"><svg viewBox="0 0 24 24" width="20" height="20" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linecap="round" aria-hidden="true"><circle cx="10.500" cy="10.500" r="6"/><path d="M15 15l5 5"/></svg><span class="unseen">Find</span></button></form>
<div class="cart-link"><a href="/cart"><svg viewBox="0 0 24 24" width="22" height="22" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"><path d="M3 9h18l-2 10.500H5zM8 9l3-5M16 9l-3-5"/></svg><span>Cart</span> <span class="cart-link-number" data-cart-count>{{ $inCart }}</span></a></div>
</div>
</div></div>
</div></section>
</header>@else<footer class="footer"><section class="band">
<div class="band-inner"><div class="column"><div class="column-inner"><a class="logo" href="/" aria-label="{{ $shop }}, first page"><span class="logo-name">{{ $shop }}</span></a>
<nav class="navigation" aria-label="Ways through the shop" data-drawer="never">
<div class="navigation-body" data-navigation-body>
<ul class="navigation-list">
@foreach ($tops as $top)<li class="navigation-entry"><a href="/c/{{ rawurlencode($top->slug) }}">{{ $top->name }}</a></li>
@endforeach
<li class="navigation-entry"><a href="/all">All</a></li>
</ul>
</div>
</nav>
</div></div>
</div></section>
<section class="band">
<div class="band-inner"><div class="column"><div class="column-inner"><div class="small-print"><p class="small-print-words">© {{ date('Y') }} {{ $shop }}</p></div>
</div></div>
</div></section>
</footer>@endif
