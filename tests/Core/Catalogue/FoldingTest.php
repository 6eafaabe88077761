<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Folding;

/**
 * Folding as Unicode's NFKC_Casefold; the pairs with ß, İ, ſ, ﬀ and Σ are lines of CaseFolding.txt (status C and F).
 */
final class FoldingTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function pairs(): iterable
    {
        yield 'case and a space at the end' => ['ÆTHER', 'æther '];
        yield 'sharp s, F' => ["\u{00DF}", 'ss'];
        yield 'capital sharp s, F' => ["\u{1E9E}", 'ss'];
        yield 'long s, C' => ["\u{017F}", 's'];
        yield 'ligature ff, F' => ["\u{FB00}", 'ff'];
        yield 'final sigma, C' => ["\u{03C2}", "\u{03C3}"];
        yield 'dotted capital I, F' => ["\u{0130}", "i\u{0307}"];
        yield 'composed and decomposed' => ["e\u{0301}", "\u{00E9}"];
        yield 'full width' => ['ｆｕｌｌ', 'full'];
        yield 'runs of white space' => ["a \t\u{2003}\u{00A0} b", 'a b'];
    }

    #[DataProvider('pairs')]
    public function test_the_two_are_the_same(string $one, string $other): void
    {
        self::assertSame(Folding::fold($other), Folding::fold($one));
    }

    public function test_letters_that_only_look_alike_differ(): void
    {
        self::assertNotSame(Folding::fold('aether'), Folding::fold('Æther'));
        self::assertNotSame(Folding::fold('a%'), Folding::fold('a_'));
    }

    public function test_words_are_runs_of_letters_marks_and_digits(): void
    {
        self::assertSame(
            ['fern', 'draft', '14', 'naïve', "q\u{0307}", '٣'],
            Folding::words("Fern-Draft, 14 (NAÏVE) q\u{0307} ٣"),
        );
        self::assertSame([], Folding::words('— %'));
    }
}
