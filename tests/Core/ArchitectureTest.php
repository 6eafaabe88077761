<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The core and the blocks' computation know no framework, no database and no clock of their own. */
final class ArchitectureTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (['core', 'blocks'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder")) as $file) {
                /** @var SplFileInfo $file */
                if ($file->getExtension() === 'php' && ! str_ends_with($file->getFilename(), '.blade.php')) {
                    yield substr($file->getPathname(), strlen($root) + 1) => [$file->getPathname()];
                }
            }
        }
    }

    #[DataProvider('files')]
    public function test_it_uses_nothing_beyond_its_layer(string $file): void
    {
        $code = (string) file_get_contents($file);

        self::assertDoesNotMatchRegularExpression('/\b(Illuminate|Laravel|Symfony|Vestibra\\\\App|PDO)\b/', $code);
        self::assertDoesNotMatchRegularExpression('/\b(time|microtime|now|date)\(\)|new DateTimeImmutable\(\)|new DateTimeImmutable;/', $code);
        self::assertStringContainsString('declare(strict_types=1);', $code);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function packages(): iterable
    {
        yield 'Catalogue' => ['Catalogue', ['Reach', 'Templates', 'Styling', 'Composing', 'Selling']];
        yield 'Styling' => ['Styling', ['Reach', 'Templates', 'Composing', 'Selling']];
        yield 'Reach' => ['Reach', ['Templates', 'Styling', 'Composing', 'Selling']];
        yield 'Selling' => ['Selling', ['Reach', 'Templates', 'Styling', 'Composing']];
        yield 'Templates' => ['Templates', ['Composing', 'Selling']];
    }

    /** @param  list<string>  $others */
    #[DataProvider('packages')]
    public function test_dependencies_point_one_way(string $package, array $others): void
    {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/core/$package")) as $file) {
            /** @var SplFileInfo $file */
            if ($file->getExtension() === 'php') {
                $code = (string) file_get_contents($file->getPathname());
                self::assertDoesNotMatchRegularExpression('/use Vestibra\\\\Core\\\\('.implode('|', $others).')\\\\/', $code, $file->getPathname());
            }
        }
    }
}
