<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Sign in · Vestibra</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite('studio/studio.ts')
</head>
<body>
<main class="sign-in">
<div class="sign-in-words">
<p class="sign-in-name">Vestibra</p>
<p>Lay out the pages of {{ config('vestibra.shop') }}, say which products each layout is for, and see what will change before it does.</p>
<p><a href="/">To the shop</a></p>
</div>
<form method="post" class="sign-in-form">
<h1>Sign in to the Studio</h1>
@if ($wrong !== null)<p class="sign-in-wrong" role="alert">{{ $wrong }}</p>@endif
<label>E-mail address <input name="email" type="email" autocomplete="username" value="{{ $email }}" required maxlength="200"></label>
<label>Password <input name="password" type="password" autocomplete="current-password" required maxlength="200"></label>
<button type="submit">Sign in</button>
</form>
</main>
</body>
</html>
