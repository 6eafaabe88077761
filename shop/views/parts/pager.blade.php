@if ($pages > 1)
<nav class="pager" aria-label="{{ $say('list.pages') }}"><ul>
@if ($page > 1)<li><a href="?{{ http_build_query($keep + ['page' => $page - 1]) }}" rel="prev">{{ $say('list.before') }}</a></li>@endif
@foreach (range(1, $pages) as $number)
@if ($number === 1 || $number === $pages || abs($number - $page) < 3)
<li><a href="?{{ http_build_query($keep + ['page' => $number]) }}" @if ($number === $page) aria-current="page" @endif><span class="unseen">{{ $say('list.page') }} </span>{{ $number }}</a></li>
@elseif (abs($number - $page) === 3)<li aria-hidden="true">…</li>@endif
@endforeach
@if ($page < $pages)<li><a href="?{{ http_build_query($keep + ['page' => $page + 1]) }}" rel="next">{{ $say('list.next') }}</a></li>@endif
</ul></nav>
@endif
