<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * Where the things of the catalogue are kept. It writes what it is told: whether it may be written is decided before.
 *
 * @api
 */
interface Records
{
    /**
     * @param  list<int>  $ids
     * @return array<int, array<string, mixed>> by number, all fields of those that are there
     */
    public function read(Thing $thing, array $ids): array;

    /** Makes the change, and says what went along with a deleted thing (`Change::$alongside`). */
    public function write(Change $change): Change;
}
