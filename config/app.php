<?php

declare(strict_types=1);

return [
    'name' => 'Vestibra',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    // Without a setting, where `bin/start` served this data last: commands name the same address as the pages do.
    'url' => env('APP_URL')
        ?: (@file_get_contents(env('DATA_FOLDER', storage_path('data')).'/served-at') ?: 'http://127.0.0.1:8000'),
    // Scripts and styles are named without a host: what a request says of its host is not repeated.
    'asset_url' => env('ASSET_URL', '/'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
