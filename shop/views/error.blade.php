<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $status }} · {{ config('vestibra.shop') }}</title>
@vite('shop/shop.ts')
<style nonce="{{ Vite::cspNonce() }}">{!! \Vestibra\Core\Styling\HouseStyle::standard()->css() !!}</style>
</head>
<body>
<header class="header"><div class="wrap"><a class="logo" href="/"><span class="logo-name">{{ config('vestibra.shop') }}</span></a></div></header>
<main id="main"><div class="wrap wrap-narrow"><h1 class="listing-title">{{ $say($status === 404 ? 'error.nothing' : 'error.failed') }}</h1>
<div class="nothing"><p>{{ $words }}</p><p><a class="button" href="/">{{ $say('error.shop') }}</a> <a class="button button-quiet" href="/search">{{ $say('search.title') }}</a></p></div></div></main>
</body>
</html>
