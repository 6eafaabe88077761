<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\TestCase;
use Vestibra\Core\Reach\Closeness;

/**
 * Compared as a tuple, as selectors are: W3C Selectors Level 4, "Calculating a selector's specificity", where
 * `#x34y` (1,0,0) beats any number of classes and `UL OL LI.red` (0,1,3) beats `LI` (0,0,1) but not `LI.red.level`
 * (0,2,1).
 */
final class ClosenessTest extends TestCase
{
    public function test_the_counts_are_compared_from_left_to_right(): void
    {
        $inOrder = [
            new Closeness(0, 0, 0, 0),
            new Closeness(0, 0, 0, 1),
            new Closeness(0, 0, 0, 200),
            new Closeness(0, 0, 1, 0),
            new Closeness(0, 0, 99, 99),
            new Closeness(0, 1, 0, 0),
            new Closeness(0, 1, 0, 3),
            new Closeness(0, 1, 3, 0),
            new Closeness(0, 2, 1, 0),
            new Closeness(0, 300, 300, 300),
            new Closeness(1, 0, 0, 0),
        ];
        foreach ($inOrder as $left => $one) {
            foreach ($inOrder as $right => $other) {
                self::assertSame($left <=> $right, $one->compare($other) <=> 0, "$left against $right");
            }
        }
    }
}
