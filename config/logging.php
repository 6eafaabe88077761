<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'lasting'),
    'channels' => [
        // A log that cannot be written, as on a full disk, stops nothing.
        'lasting' => [
            'driver' => 'stack',
            'channels' => ['single'],
            'ignore_exceptions' => true,
        ],
    ],
];
