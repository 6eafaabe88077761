<?php

declare(strict_types=1);

return [
    'shop' => env('SHOP_NAME', 'Larkfold'),
    'currency' => env('SHOP_CURRENCY', 'GBP'),
    'locale' => env('SHOP_LOCALE', 'en_GB'),
    'zone' => env('SHOP_ZONE', 'Europe/London'),
    // The address that a request came to, where it is one of those hosts; said by the doors.
    'asked_at' => '',
    // Hosts beside that of APP_URL that the shop is known by, as a Host header has them:
    // `shop.example,www.shop.example:8443`.
    'hosts' => env('SHOP_HOSTS', ''),
    // Addresses of proxies that are believed when they say who asks and how: `10.0.0.5,10.0.0.6`, or `*` where nothing
    // else reaches the server.
    'proxies' => env('TRUSTED_PROXIES', ''),
    // Where downloads, films and captions are kept.
    'files' => env('FILES_FOLDER', env('DATA_FOLDER', storage_path('data')).'/current/files'),
    // Printed headers and footers, kept between requests; they can be thrown away at any time.
    'around' => storage_path('framework/around'),
    'rules' => storage_path('framework/rules'),
    // Files of rows that were brought and not yet taken; they are let go of after a day.
    'incoming' => storage_path('framework/incoming'),
    // What was asked for and takes long, with what came of it; for a day too.
    'errands' => env('ERRANDS_FOLDER', storage_path('framework/errands')),
    // In seconds: so long the worker has to begin before whoever waits for it has it done.
    'patience' => (int) env('ERRANDS_PATIENCE', 5),
    'pictures' => env('PICTURES_FOLDER', env('DATA_FOLDER', storage_path('data')).'/current/pictures'),
    // The shop's database, pictures and files, in generations (app/Keeping/DataFolder.php).
    'data' => env('DATA_FOLDER', storage_path('data')),
];
