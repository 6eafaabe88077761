<nav {!! $root !!} class="paging" aria-label="{{ $say('list.pages') }}"><ul>
@if ($d['before'])<li><a href="{{ $d['before'] }}" rel="prev">{{ $say('list.before') }}</a></li>@endif
@foreach ($d['numbers'] as $one)
@if ($one === null)<li aria-hidden="true">…</li>@else<li><a href="{{ $one['address'] }}"@if ($one['number'] === $d['page']) aria-current="page"@endif><span class="unseen">{{ $say('list.page') }} </span>{{ $one['number'] }}</a></li>@endif
@endforeach
@if ($d['next'])<li><a href="{{ $d['next'] }}" rel="next">{{ $say('list.next') }}</a></li>@endif
</ul></nav>
