<?php

declare(strict_types=1);

return [
    Vestibra\App\Providers\VestibraProvider::class,
];
