@if (empty($canvas) && $tag)
<aside class="tag" aria-label="From the Studio">
<details>
<summary><span class="tag-hole" aria-hidden="true"></span>{{ $tag['walking'] === null ? 'Studio' : 'Walking' }}</summary>
<div class="tag-inside">
@if ($tag['walking'] !== null)
<p>You walk the shop {{ $tag['walking'] }}. Customers see nothing of it.</p>
<form method="post" action="/studio/walk/end"><input type="hidden" name="_token" value="{{ csrf_token() }}"><button type="submit">Back to the shop as it is</button></form>
@endif
@if ($tag['subject'] !== null)
<p><strong>{{ $tag['name'] }}</strong><br>{{ $tag['why'] }}</p>
<p><a href="/studio/templates/{{ $tag['template'] }}?sample={{ $tag['subject']->id() }}">Open it with this {{ $tag['one'] }}</a></p>
@if ($tag['own'])
<form method="post" action="/studio/templates/own"><input type="hidden" name="_token" value="{{ csrf_token() }}"><input type="hidden" name="pageKind" value="{{ $tag['kind'] }}"><input type="hidden" name="subject" value="{{ $tag['subject']->id() }}"><button type="submit">Give this {{ $tag['one'] }} a page of its own</button></form>
@endif
<p><a href="{{ rtrim("/studio/why/{$tag['kind']}/".rawurlencode($tag['subject']->slug()), '/') }}">Why this template?</a></p>
@else
<p>This page has a fixed layout.</p>
<p><a href="/studio/templates">To the templates</a></p>
@endif
@foreach ($tag['around'] as $one)<p>{{ ucfirst($one['kind']) }}: <a href="/studio/templates/{{ $one['template'] }}?sample={{ $one['sample'] }}">{{ $one['name'] }}</a> · <a href="{{ rtrim("/studio/why/{$one['kind']}/".implode('/', array_map(rawurlencode(...), explode('/', $one['slug']))), '/') }}">why?</a></p>
@endforeach
<p><a href="/studio/today">Today</a></p>
</div>
</details>
</aside>
@endif
