<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Tables;

use NumberFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Formats\Tables\NumberTally;
use Vestibra\Tests\Core\Chance;

/**
 * Whole columns of amounts as the Unicode Common Locale Data Repository (CLDR, by ICU’s number formats) has them
 * written in many places are read as they were meant.
 */
final class NumbersByCldrTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function places(): iterable
    {
        foreach ([
            'en_GB', 'de_DE', 'fr_FR', 'es_ES', 'it_IT', 'nl_NL', 'pl_PL', 'sv_SE', 'de_CH', 'pt_BR', 'en_ZA',
        ] as $place) {
            foreach ([NumberFormatter::DECIMAL, NumberFormatter::CURRENCY] as $style) {
                yield "$place ".($style === NumberFormatter::DECIMAL ? 'bare' : 'with its sign') => [$place, $style];
            }
        }
    }

    #[DataProvider('places')]
    public function test_a_column_tells_how_it_is_written_and_every_amount_is_read(string $place, int $style): void
    {
        $reader = new FieldReader(ShopZone::of('Europe/London'), 2, 'EUR', static fn (string $html): string => $html);
        $price = ThingFields::of(Thing::Variant)['price'];
        $chance = new Chance(crc32($place));
        $format = new NumberFormatter($place, $style);
        $format->setAttribute(NumberFormatter::FRACTION_DIGITS, 2);
        $column = [];
        foreach (range(1, 60) as $nth) {
            $minor = $chance->number(0, $nth < 20 ? 9_999 : 99_999_999);
            $column[] = [$minor, $style === NumberFormatter::CURRENCY
                ? (string) $format->formatCurrency($minor / 100, 'EUR')
                : (string) $format->format($minor / 100)];
        }
        $tally = new NumberTally;
        foreach ($column as [, $written]) {
            $tally->add($written);
        }
        foreach ($column as [$minor, $written]) {
            self::assertSame(
                $minor,
                $reader->read($price, $tally->form()->plain($written)),
                "“{$written}” in $place",
            );
        }
    }
}
