<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/** What the shelf inserts for a kind, where it is more than the bare block. */
final readonly class Starter
{
    /** @param  array<string, mixed>  $node in the stored form, without ids */
    public function __construct(
        public string $name,
        public array $node,
    ) {
    }
}
