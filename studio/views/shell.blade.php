<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="csrf-token" content="{{ csrf_token() }}">
<meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
<title>{{ $title }} · Vestibra</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite('studio/studio.ts')
</head>
<body>
<div id="studio"></div>
<script type="application/json" id="screen">{!! json_encode($screen, JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP | JSON_THROW_ON_ERROR) !!}</script>
<noscript>The Studio needs scripts. The shop works without them.</noscript>
</body>
</html>
