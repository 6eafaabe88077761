<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

/** What a block came to on one page: what its view prints, or why there is nothing to show. */
final readonly class Composed
{
    /** @param  array<string, mixed>  $data plain data for the view */
    private function __construct(
        public array $data,
        public ?string $absent,
    ) {
    }

    /** @param  array<string, mixed>  $data */
    public static function shown(array $data = []): self
    {
        return new self($data, null);
    }

    /** @param  string  $why in the shopkeeper's words, as "nothing to show for this product" */
    public static function absent(string $why): self
    {
        return new self([], $why);
    }
}
