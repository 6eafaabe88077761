<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;

final class FactValueTest extends TestCase
{
    /** @return iterable<string, array{FactKind, int, list<string>, list<int|string>|null}> */
    public static function values(): iterable
    {
        yield 'a number by its smallest step' => [FactKind::Number, 1, ['0.4'], [4]];
        yield 'a whole number with decimals' => [FactKind::Number, 1, ['2'], [20]];
        yield 'below zero' => [FactKind::Number, 0, ['-5'], [-5]];
        yield 'finer than its smallest step' => [FactKind::Number, 1, ['0.45'], null];
        yield 'no number' => [FactKind::Number, 1, ['much'], null];
        yield 'a date' => [FactKind::Date, 0, ['2026-12-31'], [20261231]];
        yield 'no such day' => [FactKind::Date, 0, ['2026-02-30'], null];
        yield 'no is filled' => [FactKind::YesNo, 0, [' No'], ['no']];
        yield 'neither yes nor no' => [FactKind::YesNo, 0, ['perhaps'], null];
        yield 'text is folded' => [FactKind::Text, 0, [' RESIN '], ['resin']];
        yield 'blank text' => [FactKind::Text, 0, ["\u{00A0}"], null];
        yield 'several, each once' => [FactKind::Several, 0, ['Pens', 'pens', '', 'Ink'], ['pens', 'ink']];
        yield 'rich text with words' => [FactKind::RichText, 0, ['<p>Rinse.</p>'], ['filled']];
        yield 'rich text with a picture alone' => [FactKind::RichText, 0, ['<p><img src="/a.webp"></p>'], ['filled']];
        yield 'rich text without words or picture' => [FactKind::RichText, 0, ['<p> &nbsp; </p>'], null];
    }

    /**
     * @param  list<string>  $written
     * @param  list<int|string>|null  $compared
     */
    #[DataProvider('values')]
    public function test_what_it_is_compared_by(FactKind $kind, int $decimals, array $written, ?array $compared): void
    {
        self::assertSame($compared, FactValue::of(new Fact(1, 'Fact', $kind, '', $decimals), $written)?->values);
    }
}
