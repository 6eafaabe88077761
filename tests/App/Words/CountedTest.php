<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Words;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Vestibra\App\Ground\Counted;

final class CountedTest extends TestCase
{
    private const THINGS =
        'pages|products|pictures|files|changes|blocks|templates|conditions|reviews|releases|'
            .'variants|rows|facts|links|pieces|groups|seconds|minutes|days';

    public function test_a_sentence_with_a_number_is_right_for_none_one_and_many(): void
    {
        self::assertSame(
            ['0 pages', '1 page', '2 pages', '1,200 pages'],
            array_map(static fn (int $count): string => Counted::of($count, 'page'), [0, 1, 2, 1200]),
        );
        self::assertSame(
            ['0 pages move', '1 page moves', '2 pages move'],
            array_map(static fn (int $count): string => Counted::of($count, 'page moves', 'pages move'), [0, 1, 2]),
        );
    }

    public function test_no_sentence_of_the_server_counts_by_hand(): void
    {
        $byHand = [];
        foreach (self::sources() as $name => $text) {
            preg_match_all(
                '/(?:\$\w+(?:->\w+|\[\'?\w+\'?\])*\}?|\)\.\') (?:'.self::THINGS.')\b[^=\[(]/',
                $text,
                $found,
            );
            preg_match_all('/=== 1 \? (["\'])[^"\']*\1 : ["\']/', $text, $decided);
            foreach ([...$found[0], ...$decided[0]] as $one) {
                $byHand[] = "$name: $one";
            }
        }
        self::assertSame([], $byHand);
    }

    /** @return array<string, string> */
    private static function sources(): array
    {
        $sources = [];
        foreach (['app', 'core'] as $folder) {
            $root = dirname(__DIR__, 3)."/$folder";
            /** @var iterable<SplFileInfo> $files */
            $files = new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                if ($file->getExtension() === 'php' && $file->getFilename() !== 'Counted.php') {
                    $sources["$folder/".substr($file->getPathname(), strlen($root) + 1)] = (string) preg_replace(
                        '~/\*.*?\*/|^\s*//.*$~ms',
                        '',
                        (string) file_get_contents($file->getPathname()),
                    );
                }
            }
        }
        self::assertGreaterThan(300, count($sources));

        return $sources;
    }
}
