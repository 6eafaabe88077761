<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut;

use PHPUnit\Framework\TestCase;
use Vestibra\App\PagesOut\Looking;
use Vestibra\Core\Composing\Visit;

final class LookingTest extends TestCase
{
    public function test_another_product_is_looked_at_in_the_same_way_with_a_choice_of_its_own(): void
    {
        $looking = new Looking(new Visit([1 => 2], page: 3, besides: [7 => [1 => 9]]), true, [5], ['block']);
        $other = $looking->besides(7);

        self::assertSame([[1 => 9], 1], [$other->visit->wishes, $other->visit->page]);
        self::assertSame([true, [5], null], [$other->explain, $other->drafts, $other->only]);
        self::assertSame([], $looking->besides(8)->visit->wishes);
    }
}
