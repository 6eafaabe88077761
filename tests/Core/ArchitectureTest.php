<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The core and the blocks' computation know no framework, no database, no clock of their own and no layer above, by
 * whatever name.
 */
final class ArchitectureTest extends TestCase
{
    /** Which packages of the core may use which others, by import or by full name. */
    private const MAY_USE = [
        'Messages' => [],
        'Pages' => [],
        'Catalogue' => ['Messages', 'Pages'],
        'Styling' => ['Catalogue'],
        'Selling' => ['Catalogue', 'Pages'],
        'Reach' => ['Catalogue', 'Pages'],
        'Templates' => ['Catalogue', 'Messages', 'Pages', 'Reach', 'Styling'],
        'Releases' => ['Pages', 'Reach', 'Templates'],
        'Formats' => ['Catalogue', 'Messages', 'Pages', 'Reach', 'Styling', 'Templates'],
        'Composing' => ['Catalogue', 'Messages', 'Pages', 'Reach', 'Styling', 'Templates', 'Selling'],
        'Fitting' => ['Catalogue', 'Messages', 'Pages', 'Reach', 'Styling', 'Templates', 'Selling', 'Composing'],
    ];

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

        self::assertDoesNotMatchRegularExpression(
            '/\b(Illuminate|Laravel|Symfony|Vestibra\\\\(App|Demo|Bench|Tests)|PDO)\b/',
            $code,
        );
        self::assertDoesNotMatchRegularExpression(
            '/\b(time|microtime|now|date)\(\)|new DateTimeImmutable\(\)|new DateTimeImmutable;/',
            $code,
        );
        self::assertStringContainsString('declare(strict_types=1);', $code);
    }

    #[DataProvider('files')]
    public function test_the_core_knows_no_block(string $file): void
    {
        $code = (string) file_get_contents($file);
        if (str_contains($file, '/core/')) {
            self::assertStringNotContainsString('Vestibra\\Blocks', $code);
            self::assertMatchesRegularExpression('/^namespace Vestibra\\\\Core\b/m', $code);
        } else {
            self::assertMatchesRegularExpression('/^namespace Vestibra\\\\Blocks\b/m', $code);
        }
    }

    /** What a package marks `@api` others may use; the rest is its own affair. */
    public function test_each_package_has_a_face_and_others_look_at_nothing_else(): void
    {
        $root = dirname(__DIR__, 2);
        $faces = $used = [];
        foreach (['core', 'blocks', 'app', 'bench', 'demo', 'database', 'routes'] as $folder) {
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                /** @var SplFileInfo $file */
                if ($file->getExtension() !== 'php') {
                    continue;
                }
                $code = (string) file_get_contents($file->getPathname());
                $place = substr($file->getPathname(), strlen("$root/core/"), -4);
                if ($folder === 'core') {
                    self::assertSame(
                        1,
                        preg_match_all('/^ \* @(api|internal)$|^\/\*\* @(api|internal) \*\/$/m', $code, $marks),
                        "core/$place.php is for others (@api) or for its package alone (@internal)",
                    );
                    $faces[strtr($place, '/', '\\')] = $marks[1][0] ?: $marks[2][0];
                }
                $own = $folder === 'core' ? explode('/', $place)[0] : '';
                preg_match_all('/Vestibra\\\\Core\\\\((?:\w+\\\\)+\w+)/', $code, $found);
                foreach ($found[1] as $class) {
                    if (explode('\\', $class)[0] !== $own) {
                        $used[$class][] = $file->getPathname();
                    }
                }
            }
        }
        foreach ($faces as $class => $face) {
            $by = $used[$class] ?? [];
            self::assertTrue(
                $face === 'api' || $by === [],
                "$class is its package's own affair, and used by ".implode(', ', $by),
            );
            self::assertTrue(
                $face === 'internal' || $by !== [] || ! str_contains($class, '\\'),
                "$class is for others, and nobody uses it",
            );
        }
    }

    public function test_no_block_knows_another(): void
    {
        $blocks = glob(dirname(__DIR__, 2).'/blocks/*', GLOB_ONLYDIR) ?: [];
        self::assertGreaterThan(50, count($blocks));
        $names = array_map(basename(...), $blocks);
        foreach ($blocks as $folder) {
            $others = array_diff($names, [basename($folder)]);
            foreach (glob("$folder/*") ?: [] as $file) {
                preg_match_all(
                    '/Vestibra\\\\Blocks\\\\(\w+)|blocks::(\w+)|\.\.\/([A-Z]\w*)/',
                    (string) file_get_contents($file),
                    $found,
                );
                self::assertSame(
                    [],
                    array_values(array_intersect([...$found[1], ...$found[2], ...$found[3]], $others)),
                    $file,
                );
            }
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function packages(): iterable
    {
        foreach (self::MAY_USE as $package => $may) {
            yield $package => [$package, array_values(array_diff(array_keys(self::MAY_USE), $may, [$package]))];
        }
    }

    public function test_every_package_of_the_core_is_spoken_of(): void
    {
        $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR) ?: []);
        sort($folders);
        $known = array_keys(self::MAY_USE);
        sort($known);
        self::assertSame($known, $folders);
    }

    /** @param  list<string>  $others */
    #[DataProvider('packages')]
    public function test_dependencies_point_one_way(string $package, array $others): void
    {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/core/$package"),
        ) as $file) {
            /** @var SplFileInfo $file */
            if ($file->getExtension() === 'php') {
                $code = (string) file_get_contents($file->getPathname());
                self::assertDoesNotMatchRegularExpression(
                    '/Vestibra\\\\Core\\\\('.implode('|', $others).')\\\\/',
                    $code,
                    $file->getPathname(),
                );
            }
        }
    }
}
