<nav {!! $root !!} class="neighbours" aria-label="Neighbouring products">
@if ($d['previous'])<a rel="prev" href="{{ $d['previous']['address'] }}"><span aria-hidden="true">‹</span> @if ($d['titles'])<span class="unseen">Previous: </span>{{ $d['previous']['title'] }}@else Previous<span class="unseen">: {{ $d['previous']['title'] }}</span>@endif</a>@else<span></span>@endif
@if ($d['next'])<a rel="next" href="{{ $d['next']['address'] }}">@if ($d['titles'])<span class="unseen">Next: </span>{{ $d['next']['title'] }}@else Next<span class="unseen">: {{ $d['next']['title'] }}</span>@endif <span aria-hidden="true">›</span></a>@endif
</nav>
