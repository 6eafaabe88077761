<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Vestibra\Core\Templates\Ids;

final readonly class RandomIds implements Ids
{
    public function next(): string
    {
        return 'n'.bin2hex(random_bytes(5));
    }
}
