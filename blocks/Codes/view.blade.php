<div {!! $root !!} class="codes" data-follows>
@if ($d['bars'] !== [])<svg class="codes-bars" viewBox="9 0 104 40" width="156" height="60" aria-hidden="true"><g fill="currentColor">@foreach ($d['bars'] as [$at, $width])<rect x="{{ $at + 9 }}" width="{{ $width }}" height="40"/>@endforeach</g></svg>@endif
<dl>@foreach ($d['rows'] as [$name, $value])<div><dt>{{ $say($name) }}</dt><dd>{{ $value }}</dd></div>@endforeach</dl>
</div>
