<nav {!! $root !!} class="neighbours" aria-label="{{ $say('way.neighbours') }}">
@if ($d['previous'])<a rel="prev" href="{{ $d['previous']['address'] }}"><span aria-hidden="true">‹</span> @if ($d['titles'])<span class="unseen">{{ $say('way.previous') }}: </span>{{ $d['previous']['title'] }}@else {{ $say('way.previous') }}<span class="unseen">: {{ $d['previous']['title'] }}</span>@endif</a>@else<span></span>@endif
@if ($d['next'])<a rel="next" href="{{ $d['next']['address'] }}">@if ($d['titles'])<span class="unseen">{{ $say('way.next') }}: </span>{{ $d['next']['title'] }}@else {{ $say('way.next') }}<span class="unseen">: {{ $d['next']['title'] }}</span>@endif <span aria-hidden="true">›</span></a>@endif
</nav>
