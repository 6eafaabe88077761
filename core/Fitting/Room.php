<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Schema;

/**
 * Whether words fit their place: estimated from the size of the letters and the column's share of the content width. A
 * letter is taken as half as wide as it is high on average (common practice, no source).
 *
 * @internal
 */
final readonly class Room
{
    private const PHONE = 358;

    private const CONTENT = 1200;

    private const GAP = 48;

    private const LETTER = 0.5;

    public function __construct(private Schema $schema)
    {
    }

    /** @return list<Finding> */
    public function check(Node $tree, ComposedNode $page): array
    {
        $findings = [];
        foreach ($page->shown() as $shown) {
            $definition = $this->schema->definition($shown->kind);
            $room = $definition?->room;
            $node = $room === null ? null : $tree->find($shown->id);
            $words = $room === null ? null : $shown->data[$room->data] ?? null;
            if ($room === null || $node === null || ! is_string($words)) {
                continue;
            }
            $size = $this->size($node, $room->token);
            $name = $definition->name;
            if (ceil(mb_strlen($words) * $size * self::LETTER / $this->width($tree, $node)) > $room->lines) {
                $findings[] = new Finding(Matter::TooLong, $shown->id, "$name is much longer than its place");
            }
            $longest = max(0, ...array_map(mb_strlen(...), preg_split('/[\s\p{Pd}]+/u', $words) ?: []));
            if ($longest * $this->size($node, $room->token, true) * self::LETTER > self::PHONE) {
                $findings[] = new Finding(Matter::TooWide, $shown->id, "$name has a word wider than a phone");
            }
        }

        return $findings;
    }

    private function size(Node $node, string $token, bool $phone = false): int
    {
        $own = ($phone ? $node->how['phone']['size'] ?? $node->how['tablet']['size'] ?? null : null)
            ?? $node->how['desktop']['size']
            ?? null;

        return match (true) {
            is_int($own) => $own,
            is_string($own) && preg_match('/^\d+(?:\.\d+)?px$/D', $own) === 1 => (int) $own,
            is_string($own) && str_ends_with($own, 'rem') => (int) (16 * (float) $own),
            default => (int) HouseStyle::standard()->token($token),
        };
    }

    private function width(Node $tree, Node $node): float
    {
        $column = $node;
        while ($column !== null && $this->schema->definition($column->kind)?->role !== Role::Column) {
            $column = $tree->parentOf($column->id);
        }
        $band = $column === null ? null : $tree->parentOf($column->id);
        if ($column === null || $band === null) {
            return self::CONTENT;
        }
        $shares = array_map(self::share(...), $band->children);

        return (self::CONTENT - (count($shares) - 1) * self::GAP) * self::share($column) / max(1, array_sum($shares));
    }

    private static function share(Node $column): int
    {
        $share = $column->how['desktop']['share'] ?? 1;

        return is_int($share) ? $share : 1;
    }
}
