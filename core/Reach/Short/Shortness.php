<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;

/**
 * Which of two rules for the same pages is the better one: the one with fewer conditions; then the more lasting one,
 * compared from its least lasting condition on; then the shorter one as it is written; then the first by its letters.
 *
 * @internal
 */
final class Shortness
{
    /** From what changes least. Everything else comes after. */
    private const LASTING = [
        'category', 'brand', 'collection', 'tag', 'fact', 'option', 'price', 'sale', 'stock', 'rating',
    ];

    /** @return int below zero where the first is the better one */
    public static function compare(ShortestRule $one, ShortestRule $other): int
    {
        return [$one->conditions, $one->fleeting, strlen($one->written), $one->written]
            <=> [$other->conditions, $other->fleeting, strlen($other->written), $other->written];
    }

    public static function rank(Condition $condition): int
    {
        $rank = array_search($condition->field, self::LASTING, true);

        return $rank === false ? count(self::LASTING) : $rank;
    }

    public static function written(Clause|Condition $part): string
    {
        return json_encode($part->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
