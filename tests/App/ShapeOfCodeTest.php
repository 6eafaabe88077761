<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use PhpToken;
use PHPUnit\Framework\TestCase as Plain;
use Symfony\Component\Finder\Finder;

/** Code that is read beside a test or a page of notes: lines that fit, functions that are seen at once. */
final class ShapeOfCodeTest extends Plain
{
    private const WIDTH = 120;

    /** Where words stand between tags, the formatter cannot always break a line in time. */
    private const WIDTH_OF_MARKUP = 130;

    private const LINES = 55;

    /** A function of so few statements is a table, and may be as long as what it lists. */
    private const STATEMENTS_OF_A_TABLE = 6;

    /** Lists of what there is, and what tests tell from its beginning to its end. */
    private const TABLES = ['routes/web.php', 'database/migrations/', 'demo/', 'tests/'];

    public function test_no_line_is_wider_than_120_letters(): void
    {
        $seen = 0;
        $wide = [];
        foreach (self::files('*.php', '*.ts', '*.mjs', '*.js', '*.svelte', '*.css') as $file => $code) {
            $seen++;
            foreach (explode("\n", $code) as $at => $line) {
                $width = mb_strlen(self::breakable($file, $line));
                $most = str_ends_with($file, '.svelte') ? self::WIDTH_OF_MARKUP : self::WIDTH;
                if ($width > $most) {
                    $wide[] = "$file:".($at + 1)." is $width letters wide";
                }
            }
        }
        self::assertSame([], $wide);
        self::assertGreaterThan(1000, $seen);
    }

    public function test_no_function_is_much_longer_than_50_lines_but_for_tables(): void
    {
        $seen = 0;
        foreach (self::files('*.php') as $file => $code) {
            $isTable = array_filter(self::TABLES, static fn (string $one): bool => str_starts_with($file, $one)) !== [];
            foreach ($isTable ? [] : self::functions($code) as [$line, $name, $lines, $statements]) {
                $seen++;
                self::assertFalse(
                    $lines > self::LINES && $statements > self::STATEMENTS_OF_A_TABLE,
                    "$name in $file:$line has $lines lines",
                );
            }
        }
        self::assertGreaterThan(3000, $seen);
    }

    /** What a formatter cannot break in the front end counts as little: texts, names of classes, tests' titles. */
    private static function breakable(string $file, string $line): string
    {
        return str_ends_with($file, '.php')
            ? $line
            : preg_replace('/(["\'`])(?:\\\\.|(?!\1).)*(?:\1|$)/u', '""', $line) ?? $line;
    }

    /** @return iterable<array{int, string, int, int}> line, name, lines of its body, statements in it */
    private static function functions(string $code): iterable
    {
        $tokens = PhpToken::tokenize($code);
        foreach ($tokens as $at => $token) {
            if ($token->id !== T_FUNCTION) {
                continue;
            }
            $name = $depth = $statements = $from = 0;
            for ($next = $at + 1; isset($tokens[$next]); $next++) {
                $one = $tokens[$next];
                if ($one->id === T_STRING && $name === 0 && $from === 0) {
                    $name = $one->text;
                }
                if ($one->is([ord('{'), T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES])) {
                    $from = $from === 0 ? $one->line : $from;
                    $depth++;
                }
                $statements += (int) $one->is(ord(';'));
                if ($one->is(ord('}')) && --$depth === 0) {
                    yield [$token->line, (string) $name, $one->line - $from - 1, $statements];
                    break;
                }
                if ($one->is(ord(';')) && $from === 0) {
                    break;
                }
            }
        }
    }

    /** @return iterable<string, string> file, from the project's folder on => what is in it */
    private static function files(string ...$names): iterable
    {
        $root = dirname(__DIR__, 2);
        $folders = array_map(static fn (string $one): string => "$root/$one", [
            'app', 'bench', 'blocks', 'bootstrap', 'config', 'core', 'database', 'demo', 'routes', 'shop', 'studio',
            'tests', 'tools',
        ]);
        foreach (Finder::create()->files()->in($folders)->exclude(['cache', 'generated', 'fonts'])->name($names)
            ->notName('*.blade.php') as $file) {
            yield substr($file->getPathname(), strlen($root) + 1) => $file->getContents();
        }
    }
}
