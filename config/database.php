<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', env('DATA_FOLDER', storage_path('data')).'/current/shop.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'wal',
            'synchronous' => 'normal',
            // Reading walks the file as memory: a tenth less to wait, and half of what walks much of it.
            'pragmas' => ['mmap_size' => 1_073_741_824],
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
