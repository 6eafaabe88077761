<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Shop;

use Vestibra\Core\Formats\Shop\FolderNames;

/** Everything is called by its kind and number: `brand-3`. */
final class NamesOfFolder implements FolderNames
{
    public function nameOf(string $what, int $id): ?string
    {
        return $id > 900 ? null : "$what-$id";
    }

    public function idOf(string $what, string $name): ?int
    {
        return preg_match("/^$what-(\d+)$/D", $name, $part) === 1 && (int) $part[1] <= 900 ? (int) $part[1] : null;
    }
}
