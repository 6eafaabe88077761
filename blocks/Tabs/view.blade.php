<div {!! $root !!} class="tabs" data-tabs>
<ul class="tabs-list">@foreach ($d['tabs'] ?? [] as $tab)<li><a href="#tab-{{ $tab['id'] }}" data-tab="{{ $tab['id'] }}" data-words="title" data-words-of="{{ $tab['id'] }}">{{ $tab['title'] }}</a></li>@endforeach</ul>
{!! $slot !!}
</div>
