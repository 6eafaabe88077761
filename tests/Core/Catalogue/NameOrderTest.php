<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\NameOrder;

/**
 * Against CLDR's collation (unicode.org/reports/tr35/tr35-collation.html): the root order, and the tailoring of
 * Swedish.
 */
final class NameOrderTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function orders(): iterable
    {
        yield 'English: an accent is less than a letter, and small comes before capital' => ['en_GB', [
            'cafe', 'café', 'Café', 'cahier', 'Zebra',
        ]];
        yield 'German: umlauts stand with their letters' => ['de_DE', [
            'Apfel', 'Ärmel', 'Atlas', 'Oper', 'Öse', 'Zange',
        ]];
        yield 'Swedish: they stand at the end' => ['sv_SE', ['Apfel', 'Atlas', 'Zange', 'Åtta', 'Ärmel', 'Öse']];
    }

    /** @param  list<string>  $order */
    #[DataProvider('orders')]
    public function test_names_in_the_order_of_a_language(string $locale, array $order): void
    {
        $names = new NameOrder($locale);
        $mixed = array_reverse($order);
        usort($mixed, static fn (string $one, string $other): int => $names->key($one) <=> $names->key($other));

        self::assertSame($order, $mixed);
    }
}
