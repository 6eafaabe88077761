<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

/**
 * What things are called in a folder, where nothing has a number.
 *
 * @api
 */
interface FolderNames
{
    /** @param  string  $what  a thing (`Thing`), `fact` or `file` */
    public function nameOf(string $what, int $id): ?string;

    /** @return int|null its number; below zero when only the folder has it yet */
    public function idOf(string $what, string $name): ?int;
}
