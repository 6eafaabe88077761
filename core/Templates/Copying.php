<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Copies a block with everything in it under new ids.
 *
 * @api
 */
final readonly class Copying
{
    public function __construct(private Ids $ids)
    {
    }

    public function copy(Node $node): Node
    {
        return new Node(
            $this->ids->next(),
            $node->kind,
            $node->what,
            $node->how,
            $node->when,
            array_map($this->copy(...), $node->children),
        );
    }
}
