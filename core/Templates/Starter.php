<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What the shelf inserts for a kind, where it is more than the bare block.
 *
 * @api
 */
final readonly class Starter
{
    /**
     * @param  array<string, mixed>  $node in the stored form, without ids
     * @param  string|null  $drawing  an SVG of 72 by 48, where it looks different from the kind's other ones
     */
    public function __construct(
        public string $name,
        public array $node,
        public ?string $drawing = null,
    ) {
    }
}
