@if ($d['way'] === 'more')
<nav {!! $root !!} class="paging paging-more" aria-label="{{ $say('list.pages') }}">
@if ($d['before'])<a class="paging-back" href="{{ $d['before'] }}" rel="prev">{{ $say('list.before') }}</a>@endif
@if ($d['next'])<a class="button button-quiet" href="{{ $d['next'] }}" rel="next" data-list-more><span data-words="more">{{ $d['more'] }}</span></a>@endif
<span class="unseen" role="status" data-list-said></span>
</nav>
@else
<nav {!! $root !!} class="paging" aria-label="{{ $say('list.pages') }}"><ul>
@if ($d['before'])<li><a href="{{ $d['before'] }}" rel="prev">{{ $say('list.before') }}</a></li>@endif
@foreach ($d['numbers'] as $one)
@if ($one === null)<li aria-hidden="true">…</li>@else<li><a href="{{ $one['address'] }}"@if ($one['number'] === $d['page']) aria-current="page"@endif><span class="unseen">{{ $say('list.page') }} </span>{{ $one['number'] }}</a></li>@endif
@endforeach
@if ($d['next'])<li><a href="{{ $d['next'] }}" rel="next">{{ $say('list.next') }}</a></li>@endif
</ul></nav>
@endif
