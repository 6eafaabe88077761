<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Closeness;
use Vestibra\Core\Reach\RankOfReach;

/**
 * The order of brief `rules.md`: goes first, then closeness from the closest aspect on, then hand order, then the
 * earlier clause.
 */
final class PlaceTest extends TestCase
{
    public function test_whoever_wins_comes_first(): void
    {
        $order = [
            new RankOfReach(true, new Closeness, 9, 9),
            new RankOfReach(false, new Closeness(1, 0, 0, 0), 5, 0),
            new RankOfReach(false, new Closeness(0, 2, 0, 0), 5, 0),
            new RankOfReach(false, new Closeness(0, 1, 0, 0), 1, 0),
            new RankOfReach(false, new Closeness(0, 1, 0, 0), 2, 0),
            new RankOfReach(false, new Closeness(0, 1, 0, 0), 2, 1),
            new RankOfReach(false, new Closeness, 0, 0),
        ];
        foreach ($order as $at => $one) {
            foreach ($order as $beside => $other) {
                self::assertSame($at <=> $beside, $one->compare($other), "$at against $beside");
            }
        }
    }
}
