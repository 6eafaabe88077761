<?php

declare(strict_types=1);

return [
    'shop' => env('SHOP_NAME', 'Larkfold'),
    'currency' => env('SHOP_CURRENCY', 'GBP'),
    'locale' => env('SHOP_LOCALE', 'en_GB'),
    'zone' => env('SHOP_ZONE', 'Europe/London'),
    // Where downloads, films and captions are kept.
    'files' => env('FILES_FOLDER', storage_path('app/files')),
];
