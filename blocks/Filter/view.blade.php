<div {!! $root !!} class="filter" data-filter="{{ $d['parameter'] }}">
@if ($d['title'] === '' || $d['fold'] === 'none')
@if ($d['title'] !== '')<p class="filter-title" id="filter-{{ $id }}">{{ $d['title'] }}</p>@endif
@include('blocks::Filter.values')
@else
<details class="filter-fold" id="fold-{{ $id }}" @if ($d['fold'] === 'open' || $d['on']) open @endif><summary><span class="filter-title" id="filter-{{ $id }}">{{ $d['title'] }}</span></summary>
@include('blocks::Filter.values')
</details>
@endif
</div>
