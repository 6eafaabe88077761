<nav {!! $root !!} class="breadcrumbs" aria-label="{{ $say('way.breadcrumbs') }}"><ol>
@foreach ($d['links'] as $link)<li><a href="{{ $link['address'] }}">{{ $link['name'] }}</a></li>@endforeach
@if ($d['here'])<li aria-current="page">{{ $d['here'] }}</li>@endif
</ol></nav>
