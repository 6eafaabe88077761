<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Copies a block with everything in it under new ids; what names blocks in it names their copies.
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
        $fresh = [];
        foreach ($node->walk() as $one) {
            $fresh[$one->id] = $this->ids->next();
        }

        return self::under($fresh, $node);
    }

    /** @param  array<string, string>  $fresh  id => the new one */
    private static function under(array $fresh, Node $node): Node
    {
        return new Node(
            $fresh[$node->id],
            $node->kind,
            $node->what,
            array_map(static fn (array $values): array => Sequence::renamed($values, $fresh), $node->how),
            $node->when,
            array_map(static fn (Node $child): Node => self::under($fresh, $child), $node->children),
        );
    }
}
