<details {!! $root !!} class="fold" @if ($d['open'] ?? false) open @endif><summary data-words="title">{{ $d['title'] ?? '' }}</summary><div class="fold-inner">{!! $slot !!}</div></details>
