<?php

declare(strict_types=1);

return [
    Vestibra\App\Doors\Setup\VestibraProvider::class,
];
