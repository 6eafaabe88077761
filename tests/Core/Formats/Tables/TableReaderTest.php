<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Formats\Tables;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Formats\Tables\Cells;
use Vestibra\Core\Formats\Tables\TableProblem;
use Vestibra\Core\Formats\Tables\TableReader;
use Vestibra\Core\Formats\Tables\TableRow;
use Vestibra\Core\Formats\Tables\TableWriter;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Outside;

/** Rows of cells, as RFC 4180 has them and as spreadsheets write them. */
final class TableReaderTest extends TestCase
{
    private const SIGNS = [
        'a', 'ß', '1', '"', '""', ',', ';', "\t", "\n", "\r", "\r\n", ' ', '=1', '@x', "'", '-5', '+', "\u{1F58B}", '',
    ];

    /** @return iterable<string, array{string, list<list<string>>}> RFC 4180, section 2, and what it leaves open */
    public static function files(): iterable
    {
        yield 'rule 1' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 2' => ["aaa,bbb,ccc\r\nzzz,yyy,xxx", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 5' => ["\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx", [['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]];
        yield 'rule 6' => ["\"aaa\",\"b\r\nbb\",\"ccc\"\r\nz,y,x", [['aaa', "b\r\nbb", 'ccc'], ['z', 'y', 'x']]];
        yield 'rule 7' => ['"aaa","b""bb","ccc"', [['aaa', 'b"bb', 'ccc']]];
        yield 'spaces belong to a cell' => [' a , b', [[' a ', ' b']]];
        yield 'empty cells' => [",,\r\na,,\"\"", [['a', '', '']]];
        yield 'rows of nothing' => ["a\n\n\r\n,\nb\n", [['a'], ['b']]];
        yield 'a quote within words' => ['5" nib,x', [['5" nib', 'x']]];
        yield 'old lines' => ["a\rb\r", [['a'], ['b']]];
        yield 'nothing' => ['', []];
    }

    /** @param  list<list<string>>  $rows */
    #[DataProvider('files')]
    public function test_files(string $file, array $rows): void
    {
        self::assertSame($rows, array_column(self::read([$file]), 'cells'));
        self::assertSame($rows, array_column(self::read(str_split($file)), 'cells'), 'A byte at a time.');
    }

    public function test_each_row_says_the_line_that_it_begins_in(): void
    {
        $rows = self::read(["a,b\r\n\"1\r\n2\n3\",x\n\n\ny\rz"]);

        self::assertSame([1, 2, 7, 8], array_column($rows, 'line'));
    }

    /** @return iterable<string, array{string, TableProblem|null}> */
    public static function troubles(): iterable
    {
        yield 'quotes that stay open' => ["\"a,b\nc,d\n", TableProblem::Unclosed];
        yield 'words behind quotes' => ['"a"b,c', TableProblem::AfterQuotes];
        yield 'as many columns as there may be' => [str_repeat(',', 499).'x', null];
        yield 'three thousand columns' => [str_repeat(',', 2_999).'x', TableProblem::TooManyColumns];
        yield 'a cell as long as may be' => [str_repeat('x', TableReader::MOST_CELL), null];
        yield 'a row of many long cells' => [
            implode(',', array_fill(0, 11, str_repeat('x', 100_000))),
            TableProblem::RowTooLong,
        ];
        yield 'a longer one' => [str_repeat('x', TableReader::MOST_CELL).'y', TableProblem::CellTooLong];
    }

    #[DataProvider('troubles')]
    public function test_what_is_the_matter_with_a_row_is_said_of_it_alone(string $row, ?TableProblem $problem): void
    {
        $rows = self::read(["before,x\r\n", $row, $problem === TableProblem::Unclosed ? '' : "\r\nafter,x"]);

        self::assertSame([null, $problem], array_column(array_slice($rows, 0, 2), 'problem'));
        $problem === TableProblem::Unclosed || self::assertSame(['after', 'x'], $rows[2]->cells);
        self::assertNull($rows[2]->problem ?? null);
    }

    public function test_a_line_of_fifty_megabytes_is_not_held(): void
    {
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $lines = (static function (): iterable {
            yield "a,b\n";
            for ($times = 0; $times < 800; $times++) {
                yield str_repeat('x', 65_536);
            }
            yield "\nc,d\n";
        })();
        $rows = [];
        foreach ((new TableReader(','))->rows($lines) as $row) {
            $rows[] = $row->problem;
        }
        self::assertSame([null, TableProblem::CellTooLong, null], $rows);
        self::assertLessThan(4_000_000, memory_get_peak_usage() - $before);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 150; $seed++) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_what_is_written_is_read_however_it_arrives(int $seed): void
    {
        $chance = new Chance($seed);
        $table = self::table($chance);
        $file = implode('', array_map(TableWriter::row(...), $table));
        $chunks = [];
        for ($at = 0; $at < strlen($file); $at += $size) {
            $chunks[] = substr($file, $at, $size = $chance->number(1, 9));
        }
        $read = array_map(
            static fn (TableRow $row): array => array_map(Cells::read(...), $row->cells),
            self::read($chunks),
        );

        self::assertSame($table, $read, "seed $seed");
        foreach ($read as $number => $row) {
            foreach ($row as $at => $cell) {
                self::assertDoesNotMatchRegularExpression(
                    '/^[=@+\-\t\r](?![\d.,]*$)/D',
                    self::read([$file])[$number]->cells[$at],
                    'Nothing in a file of ours is calculated.',
                );
            }
        }
    }

    public function test_papaparse_reads_what_we_write_and_we_read_what_it_writes(): void
    {
        $asked = $tables = $separators = [];
        for ($seed = 1; $seed <= 300; $seed++) {
            $chance = new Chance($seed);
            $table = self::table($chance);
            $separator = $chance->pick([',', ';', "\t"]);
            $file = rtrim(implode('', array_map(TableWriter::row(...), $table)), "\r\n");
            $asked[] = ['read' => $file, 'newline' => "\r\n"];
            $asked[] = [
                'write' => $table, 'separator' => $separator, 'newline' => $chance->pick(["\r\n", "\n"]),
                'quotes' => $chance->oneIn(3),
            ];
            [$tables[], $separators[]] = [$table, $separator];
        }
        foreach (array_chunk(Outside::ask('papaparse.mjs', $asked), 2) as $number => [$read, $written]) {
            $table = $tables[$number];
            self::assertSame(
                array_map(static fn (array $row): array => array_map(Cells::defused(...), $row), $table),
                $read,
                "table $number as papaparse reads it",
            );
            self::assertSame(
                $table,
                array_column(self::read([$written], $separators[$number]), 'cells'),
                "table $number as papaparse wrote it",
            );
        }
    }

    /** @return list<list<string>> without a row of nothing, which is passed over */
    private static function table(Chance $chance): array
    {
        $width = $chance->number(1, 5);
        $rows = [];
        for ($row = $chance->number(1, 6); $row > 0; $row--) {
            $cells = ["r$row"];
            for ($column = 1; $column < $width; $column++) {
                $cell = '';
                for ($sign = $chance->number(0, 4); $sign > 0; $sign--) {
                    $cell .= $chance->pick(self::SIGNS);
                }
                $cells[] = $cell;
            }
            $rows[] = $cells;
        }

        return $rows;
    }

    /**
     * @param  list<string>  $chunks
     * @return list<TableRow>
     */
    private static function read(array $chunks, string $separator = ','): array
    {
        return [...(new TableReader($separator))->rows($chunks)];
    }
}
