<ul {!! $root !!} class="marks">@foreach ($d['marks'] as $mark)<li>{!! $mark['icon'] !!}<span @class(['unseen' => ! $d['words']])>{{ $say($mark['says']) }}</span></li>@endforeach</ul>
