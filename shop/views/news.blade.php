<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title>{{ $title }} · {{ config('vestibra.shop') }}</title>
@vite('shop/shop.ts')
<style nonce="{{ Vite::cspNonce() }}">{!! \Vestibra\Core\Styling\HouseStyle::standard()->css() !!}</style>
</head>
<body>
<header class="header"><div class="wrap"><a class="logo" href="/"><span class="logo-name">{{ config('vestibra.shop') }}</span></a></div></header>
<main id="main"><div class="wrap wrap-narrow"><h1 class="listing-title">{{ $title }}</h1>
<form class="nothing" method="post"><p><button class="button" type="submit">{{ $does }}</button> <a class="button button-quiet" href="/">{{ $say('error.shop') }}</a></p></form></div></main>
</body>
</html>
