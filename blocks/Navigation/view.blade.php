<nav {!! $root !!} class="navigation" aria-label="{{ $d['name'] }}" data-drawer="{{ $d['drawer'] }}">
@if ($d['drawer'] !== 'never')<button type="button" class="navigation-open" aria-haspopup="dialog" data-navigation-open><svg viewBox="0 0 24 24" width="22" height="22" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linecap="round" aria-hidden="true"><path d="M4 8h16M4 16h11"/></svg><span data-words="label">{{ $d['label'] }}</span></button>@endif
<div class="navigation-body" data-navigation-body>
@if ($d['drawer'] !== 'never')<button type="button" class="navigation-close" data-navigation-close>{{ $say('nav.close') }}</button>@endif
<ul class="navigation-list">
@foreach ($d['entries'] as $at => $entry)<li class="navigation-entry"@if ($entry['on']) data-on @endif><a href="{{ $entry['address'] }}"@if ($entry['current']) aria-current="page"@endif>{{ $entry['name'] }}</a>@if ($entry['beneath'] !== [])<button type="button" class="navigation-more" aria-expanded="false" aria-controls="nav-{{ $id }}-{{ $at }}" aria-label="{{ $say('nav.more', ['name' => $entry['name']]) }}"><svg viewBox="0 0 12 12" width="12" height="12" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"><path d="M2.500 4.500 6 8l3.500-3.500"/></svg></button><div @class(['navigation-panel', 'navigation-pictured' => $d['pictured']]) id="nav-{{ $id }}-{{ $at }}"><ul>
@foreach ($entry['beneath'] as $one)<li><a href="{{ $one['address'] }}"@if ($one['current']) aria-current="page"@endif>@if ($d['pictured'])@if ($one['picture'])<img {!! \Vestibra\Blocks\PictureTags::fetched($one['picture']) !!} alt="" loading="lazy">@else<svg viewBox="0 0 64 48" aria-hidden="true"><rect x="2" y="2" width="60" height="44" rx="4"/><path d="M8 38l14-16 11 12 8-7 15 14"/></svg>@endif @endif<span>{{ $one['name'] }}</span></a></li>
@endforeach
</ul>@if ($entry['all'])<p><a href="{{ $entry['address'] }}">{{ $say('nav.all', ['name' => $entry['name']]) }}</a></p>@endif</div>@endif</li>
@endforeach
</ul>
</div>
</nav>
