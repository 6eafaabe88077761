<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;

/**
 * Blocks that still have the words that they came with, which nobody wrote for this shop.
 *
 * @api
 */
final readonly class Unreplaced
{
    /** @return list<Node> from top to bottom */
    public static function in(Node $tree, Schema $schema, Messages $messages): array
    {
        $found = [];
        foreach ($tree->walk() as $node) {
            if ($schema->definition($node->kind)?->wordsMayStay === false && self::stands($node, $schema, $messages)) {
                $found[] = $node;
            }
        }

        return $found;
    }

    private static function stands(Node $node, Schema $schema, Messages $messages): bool
    {
        foreach ($schema->definition($node->kind)?->settings() ?? [] as $setting) {
            $own = $setting->says === null || $setting->stays ? null : $messages->say($setting->says);
            if ($own !== null && ($node->what[$setting->name] ?? $own) === $own) {
                return true;
            }
        }

        return false;
    }
}
