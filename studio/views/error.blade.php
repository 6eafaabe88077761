<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $status === 404 ? 'Nothing here' : 'That did not work' }} · Vestibra</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite('studio/studio.ts')
</head>
<body>
<main class="sign-in">
<div class="sign-in-words">
<h1 class="sign-in-name">{{ $status === 404 ? 'There is nothing here' : 'That did not work' }}</h1>
<p>{{ $words }}</p>
<p><a href="/studio/today">Back to Today</a> · <a href="/studio/templates">All templates</a> · <a href="/">To the shop</a></p>
</div>
</main>
</body>
</html>
