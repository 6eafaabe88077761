<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

/**
 * What has to be drawn again after an edit, or after several.
 *
 * @api
 */
final readonly class Redraw
{
    /**
     * @param  list<string>  $touched  ids whose part of the page is another one
     * @param  list<string>  $arranged  ids of what had blocks put in, taken out or moved
     * @param  list<string>  $fresh  ids of blocks put in
     * @param  list<string>  $moved  ids of blocks that moved
     * @param  bool  $stylesOnly  whether nothing but styles is another one
     * @param  bool  $movesOnly  whether blocks moved, and nothing else happened
     */
    public function __construct(
        public array $touched = [],
        public array $arranged = [],
        public array $fresh = [],
        public array $moved = [],
        public bool $stylesOnly = false,
        public bool $movesOnly = false,
    ) {
    }

    /** @return self nothing yet, to which others can be added */
    public static function nothing(): self
    {
        return new self(stylesOnly: true, movesOnly: true);
    }

    public function and(self $other): self
    {
        return new self(
            self::union($this->touched, $other->touched),
            self::union($this->arranged, $other->arranged),
            self::union($this->fresh, $other->fresh),
            self::union($this->moved, $other->moved),
            $this->stylesOnly && $other->stylesOnly,
            $this->movesOnly && $other->movesOnly,
        );
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     * @return list<string>
     */
    private static function union(array $one, array $other): array
    {
        return array_values(array_unique([...$one, ...$other]));
    }
}
