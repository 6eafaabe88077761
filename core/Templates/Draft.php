<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Reach\Reach;

/**
 * What is being worked on: the tree and where it is to appear.
 *
 * @api
 */
final readonly class Draft
{
    public function __construct(
        public Node $tree,
        public Reach $reach,
    ) {
    }

    public function withTree(Node $tree): self
    {
        return $tree === $this->tree ? $this : new self($tree, $this->reach);
    }
}
