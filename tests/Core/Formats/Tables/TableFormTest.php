<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Tables;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\Tables\NumberForm;
use Vestibra\Core\Formats\Tables\NumberTally;
use Vestibra\Core\Formats\Tables\TableForm;
use Vestibra\Core\Formats\Tables\TextEncoding;
use Vestibra\Tests\Core\Chance;

/** How a file is written is found without being asked for. */
final class TableFormTest extends TestCase
{
    private const WORDS = "Artikel;Größe;Preis €\r\nLF-1;groß 🖋;\"1.234,56\"\r\nLF-2;\"klein; fein\";3,50\r\n";

    /** @return iterable<string, array{string, TextEncoding}> */
    public static function encodings(): iterable
    {
        $bmp = str_replace('🖋', '—', self::WORDS);
        yield 'UTF-8' => [self::WORDS, TextEncoding::Utf8];
        yield 'UTF-8 with its mark' => ["\u{FEFF}".self::WORDS, TextEncoding::Utf8];
        foreach ([
            'little' => ["\xFF\xFE", TextEncoding::Utf16Little], 'big' => ["\xFE\xFF", TextEncoding::Utf16Big],
        ] as $end => [$mark, $encoding]) {
            $written = mb_convert_encoding(self::WORDS, $encoding->value, 'UTF-8');
            yield "UTF-16, $end end first" => [$mark.$written, $encoding];
            yield "UTF-16, $end end first, without its mark" => [$written, $encoding];
        }
        yield 'Windows-1252' => [mb_convert_encoding($bmp, 'Windows-1252', 'UTF-8'), TextEncoding::Windows1252];
        yield 'plain letters' => ["a;b\n1;2\n", TextEncoding::Utf8];
        yield 'nothing' => ['', TextEncoding::Utf8];
        yield 'half a letter at the end' => ["a;b\n1;\xC3", TextEncoding::Windows1252];
    }

    #[DataProvider('encodings')]
    public function test_letters_are_read_as_they_were_written(string $file, TextEncoding $encoding): void
    {
        foreach ([1, 2, 3, 7, 1_000] as $size) {
            $chunks = $file === '' ? [] : str_split($file, $size);
            self::assertSame($encoding, TextEncoding::of($chunks), "$size bytes at a time");
            $read = implode('', [...$encoding->decoded($chunks)]);
            $expected = str_starts_with($file, 'a;b') || $file === ''
                ? mb_convert_encoding($file, 'UTF-8', $encoding->value)
                : ($encoding === TextEncoding::Windows1252 ? str_replace('🖋', '—', self::WORDS) : self::WORDS);
            self::assertSame($expected, $read, "$size bytes at a time");
        }
    }

    public function test_what_is_no_letter_is_seen_as_none_and_stops_nothing(): void
    {
        $lone = "\xFF\xFEa\0\x3D\xD8b\0";

        self::assertSame("a\u{FFFD}b", implode('', [...TextEncoding::of([$lone])->decoded([$lone])]));
        self::assertSame("\u{FFFD}x", implode('', [...TextEncoding::Utf8->decoded(["\xFFx"])]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function separators(): iterable
    {
        yield 'commas' => ["a,b,c\n1,2,3\n", ','];
        yield 'semicolons, decimals with commas' => ["sku;price\nx;1,50\ny;2,75\n", ';'];
        yield 'tabs, words with commas' => ["title\tstock\nred, blue\t1\n", "\t"];
        yield 'semicolons in quotes' => ["a,b\n\"x;y;z\",2\n\"p;q;r\",3\n", ','];
        yield 'said in the first line' => ["sep=;\r\na,b;c\r\n", ';'];
        yield 'one column' => ["sku\nLF-1\nLF-2\n", ','];
        yield 'nothing' => ['', ','];
    }

    #[DataProvider('separators')]
    public function test_what_stands_between_cells_is_found(string $file, string $separator): void
    {
        $form = TableForm::of(static fn (): array => [$file]);

        self::assertSame($separator, $form->separator);
    }

    public function test_the_line_that_says_the_separator_is_no_row_and_counts_as_a_line(): void
    {
        $file = "sep=;\r\nsku;stock\r\nLF-1;3\r\n";
        $form = TableForm::of(static fn (): array => [$file]);
        foreach ([[$file], str_split($file)] as $chunks) {
            $rows = [...$form->rows($chunks)];
            self::assertSame([['sku', 'stock'], ['LF-1', '3']], array_column($rows, 'cells'));
            self::assertSame([2, 3], array_column($rows, 'line'));
        }
    }

    /** @return iterable<string, array{list<string>, NumberForm}> */
    public static function numbers(): iterable
    {
        yield 'both signs, comma last' => [['1.234,56', '1.000'], NumberForm::Comma];
        yield 'both signs, point last' => [['1,234.56', '1,000'], NumberForm::Point];
        yield 'two digits behind a comma' => [['3,50', '1.200'], NumberForm::Comma];
        yield 'two digits behind a point' => [['3.50', '1,200'], NumberForm::Point];
        yield 'thousands twice' => [['1.234.567'], NumberForm::Comma];
        yield 'four digits behind it' => [['1.2345'], NumberForm::Point];
        yield 'nothing before it' => [['0.125'], NumberForm::Point];
        yield 'with a currency' => [['€ 3,50', '£1.200'], NumberForm::Comma];
        yield 'whole numbers' => [['12', '', 'lots'], NumberForm::Plain];
        yield 'only what can be read in two ways' => [['1.200', '3'], NumberForm::Unknown];
        yield 'one against the other' => [['3,50', '3.50'], NumberForm::Unknown];
        yield 'nothing at all' => [[], NumberForm::Plain];
    }

    /** @param  list<string>  $cells */
    #[DataProvider('numbers')]
    public function test_a_column_tells_how_it_writes_numbers(array $cells, NumberForm $form): void
    {
        foreach ([$cells, (new Chance(count($cells)))->shuffled($cells)] as $order) {
            $tally = new NumberTally;
            array_map($tally->add(...), $order);
            self::assertSame($form, $tally->form());
        }
    }

    public function test_numbers_are_written_plainly(): void
    {
        self::assertSame('1234.56', NumberForm::Comma->plain('1.234,56'));
        self::assertSame('1234.56', NumberForm::Point->plain('1,234.56'));
        self::assertSame('1.200', NumberForm::Unknown->plain('1.200'));
        self::assertSame('12', NumberForm::Plain->plain('12'));
    }
}
