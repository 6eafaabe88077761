<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * What a number comes to on each width where a narrower one takes only so much of what a wider one says: eight columns
 * on a desktop are two on a phone. What is said for a width itself counts as it is. The Studio shows the same, held
 * against this by generated cases.
 *
 * @api
 */
final class Eased
{
    /**
     * @param  array<string, int|null>  $own  by width: what is said there
     * @param  array<string, int>  $most  by width: the most that it takes of what a wider one says
     * @return array<string, int|null> by width: what counts there
     */
    public static function at(array $own, array $most): array
    {
        $counts = [];
        $wider = null;
        foreach (Width::cases() as $width) {
            $limit = $most[$width->value] ?? null;
            $wider = $own[$width->value]
                ?? ($limit !== null && $wider !== null && $wider > $limit ? $limit : $wider);
            $counts[$width->value] = $wider;
        }

        return $counts;
    }
}
