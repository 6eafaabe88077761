<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\HeadingLevels;
use Vestibra\Core\Templates\Schema;

/**
 * The order of headings: one of level 1, and none that skips a level (WCAG 2.2, technique G141).
 *
 * @internal
 */
final readonly class Headings
{
    /** @return list<Finding> */
    public static function check(ComposedNode $page, Schema $schema): array
    {
        $findings = [];
        $before = 0;
        $first = null;
        foreach ($page->shown() as $node) {
            $level = HeadingLevels::of($node, $schema);
            if ($level === null) {
                continue;
            }
            if ($level === 1 && $first !== null) {
                $findings[] = new Finding(Matter::HeadingOrder, $node->id, 'There is a second heading of level 1');
            } elseif ($level > $before + 1 && $before > 0) {
                $findings[] = new Finding(
                    Matter::HeadingOrder,
                    $node->id,
                    "A heading of level $level comes after one of level $before",
                );
            }
            $first ??= $level === 1 ? $node->id : null;
            $before = $level;
        }

        return $first === null
            ? [...$findings, new Finding(Matter::HeadingOrder, null, 'The page has no heading of level 1')]
            : $findings;
    }
}
