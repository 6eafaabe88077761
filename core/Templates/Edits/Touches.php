<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Templates\Node;

/**
 * Which blocks an edit has to do with, besides what it decides about them.
 *
 * @internal
 */
final readonly class Touches
{
    /**
     * @param  list<string>  $works  blocks that it works on: they have to be there
     * @param  list<string>  $into  blocks that something is put into: they have to be there
     * @param  list<Node>  $brings  blocks that come with it, with everything in them
     * @param  list<string>  $ends  blocks that go with it, with everything in them
     * @param  bool  $everything  the whole page and its rule is another one
     */
    public function __construct(
        public array $works = [],
        public array $into = [],
        public array $brings = [],
        public array $ends = [],
        public bool $everything = false,
    ) {
    }

    public function bringsBlock(string $id): bool
    {
        foreach ($this->brings as $node) {
            if ($node->find($id) !== null) {
                return true;
            }
        }

        return false;
    }
}
