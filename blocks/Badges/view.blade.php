<ul {!! $root !!} class="badges" data-follows>@foreach ($d['badges'] as $kind => $words)<li class="badge badge-{{ $kind }}">{{ $words }}</li>@endforeach</ul>
