<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title === null ? config('vestibra.shop') : $title.' · '.config('vestibra.shop') }}</title>
@if (($description ?? '') !== '')<meta name="description" content="{{ $description }}">@endif
@if ($looking ?? null)<meta name="robots" content="noindex, nofollow">@elseif (isset($head) && ! $head->isListed)<meta name="robots" content="noindex">@endif

@isset($head)
@if ($head->canonical)<link rel="canonical" href="{{ $head->canonical }}">@endif
@foreach ($head->beside as $rel => $address)<link rel="{{ $rel }}" href="{{ $address }}">@endforeach
@if ($head->isListed)<meta property="og:title" content="{{ $title ?? config('vestibra.shop') }}"><meta property="og:type" content="{{ $head->type }}"><meta property="og:url" content="{{ $head->canonical }}"><meta property="og:site_name" content="{{ config('vestibra.shop') }}">@if ($description !== '')<meta property="og:description" content="{{ $description }}">@endif @if ($head->picture)<meta property="og:image" content="{{ $head->picture }}">@endif
@endif
@foreach ($head->structured as $one)<script type="application/ld+json" nonce="{{ Vite::cspNonce() }}">{!! json_encode($one, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>@endforeach
@endisset
<link rel="icon" href="/icon.svg" type="image/svg+xml">
<link rel="alternate" type="application/atom+xml" title="{{ config('vestibra.shop') }}" href="/feed.atom">
<script nonce="{{ Vite::cspNonce() }}">document.documentElement.classList.add('js')</script>
@php ($letters = app(\Vestibra\App\Style\FontFaces::class))
@foreach ($letters->first($house) as $font)<link rel="preload" as="font" type="font/woff2" href="{{ $font }}" crossorigin>@endforeach

@vite('shop/shop.ts')
<style nonce="{{ Vite::cspNonce() }}" id="house">{!! $letters->css($house).$house->css() !!}</style>
@if ($around->css !== '')<style nonce="{{ Vite::cspNonce() }}" id="around">{!! $around->css !!}</style>@endif
@isset($css)<style nonce="{{ Vite::cspNonce() }}" id="departures">{!! $css !!}</style>@endisset
</head>
<body>
<a class="skip" href="#main">{{ $say('top.skip') }}</a>
@include('shop::parts.tag')
@if (in_array($drawn ?? null, ['page', 'footer'], true))<div class="looked-at" inert>{!! $around->header !!}</div>@else{!! $around->header !!}@endif
@if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
<main id="main"@if (in_array($drawn ?? null, ['header', 'footer'], true)) inert data-drawn="{{ $drawn }}"@endif>@yield('main')</main>
@if (in_array($drawn ?? null, ['page', 'header'], true))<div class="looked-at" inert>{!! $around->footer !!}</div>@else{!! $around->footer !!}@endif
</body>
</html>
