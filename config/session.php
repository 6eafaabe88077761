<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'sqlite'),
    'lifetime' => 60 * 24 * 7,
    'expire_on_close' => false,
    'encrypt' => false,
    // A file of their own beside the shop's data.
    'file' => env('SESSIONS_FILE', storage_path('app/sessions.sqlite')),
    'lottery' => [2, 100],
    'cookie' => 'vestibra',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', true),
    'http_only' => true,
    'same_site' => 'lax',
];
