<ul {!! $root !!} class="marks">@foreach ($d['marks'] as $mark)<li>{!! $mark['icon'] !!}<span @class(['unseen' => ! $d['words']])>{{ $mark['words'] }}</span></li>@endforeach</ul>
