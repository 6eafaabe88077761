<nav {!! $root !!} class="paging" aria-label="Pages"><ul>
@if ($d['before'])<li><a href="{{ $d['before'] }}" rel="prev">Before</a></li>@endif
@foreach ($d['numbers'] as $one)
@if ($one === null)<li aria-hidden="true">…</li>@else<li><a href="{{ $one['address'] }}"@if ($one['number'] === $d['page']) aria-current="page"@endif><span class="unseen">Page </span>{{ $one['number'] }}</a></li>@endif
@endforeach
@if ($d['next'])<li><a href="{{ $d['next'] }}" rel="next">Next</a></li>@endif
</ul></nav>
