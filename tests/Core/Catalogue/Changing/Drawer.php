<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue\Changing;

use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Records;
use Vestibra\Core\Catalogue\Changing\Thing;

/** Things of the catalogue in memory. */
final class Drawer implements Records
{
    /** @param  array<string, array<int, array<string, mixed>>>  $things  by thing and number */
    public function __construct(public array $things = [])
    {
    }

    public function read(Thing $thing, array $ids): array
    {
        return array_intersect_key($this->things[$thing->value] ?? [], array_flip($ids));
    }

    public function write(Change $change): Change
    {
        if ($change->after === null) {
            unset($this->things[$change->thing->value][$change->id]);
        } else {
            $this->things[$change->thing->value][$change->id] = $change->after
                + ($this->things[$change->thing->value][$change->id] ?? []);
        }

        return $change;
    }
}
