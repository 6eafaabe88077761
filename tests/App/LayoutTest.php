<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use FilesystemIterator;
use PHPUnit\Framework\TestCase as Plain;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionClassConstant;
use SplFileInfo;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Blocks\Kinds;

/** What holds for all of the application's code at once. */
final class LayoutTest extends Plain
{
    public function test_tests_lie_in_folders_that_mirror_the_application(): void
    {
        $app = dirname(__DIR__, 2).'/app';
        $found = 0;
        foreach (self::code('tests/App') as $file => $code) {
            $folder = dirname(substr($file, strlen('tests/App/')));
            if ($folder !== '.' && str_ends_with($file, 'Test.php')) {
                $found++;
                self::assertDirectoryExists("$app/$folder", $file);
                self::assertStringContainsString(
                    'namespace Vestibra\Tests\App\\'.strtr($folder, '/', '\\').';',
                    $code,
                    $file,
                );
            }
        }
        self::assertGreaterThan(30, $found);
    }

    public function test_every_problem_has_words_and_is_said_somewhere(): void
    {
        $code = implode("\n", [...self::code('core'), ...self::code('blocks'), ...self::code('app')]);
        $families = (new ReflectionClassConstant(ProblemWords::class, 'FAMILIES'))->getValue();
        self::assertIsArray($families);
        foreach ($families as $family) {
            foreach ($family::cases() as $case) {
                $said = ProblemWords::of($case
                    ->at('', array_fill_keys(['name', 'words', 'setting', 'kind'], 'something')));
                self::assertMatchesRegularExpression('/^[“\w{].*[.”]$/u', $said, $case->value);
                $name = (new ReflectionClass($family))->getShortName()."::$case->name";
                self::assertGreaterThan(1, substr_count($code, $name), "$name is said nowhere");
            }
        }
        self::assertSame(
            [],
            preg_grep(
                '/new Problem\(/',
                array_diff_key([...self::code('core'), ...self::code('blocks'), ...self::code('app')], [
                    'core/ProblemFamily.php' => 1,
                ]),
            )
                ?: [],
        );
    }

    public function test_parameters_are_read_in_one_place(): void
    {
        foreach (self::code('app/Doors') as $file => $code) {
            if ($file !== 'app/Doors/Requests/Asked.php') {
                self::assertDoesNotMatchRegularExpression(
                    '/\$request->(string|integer|float|query|input|boolean|date|enum|get|post|collect|array)\(/',
                    $code,
                    $file,
                );
            }
        }
    }

    public function test_no_name_stands_in_two_rooms(): void
    {
        $places = [];
        foreach (array_keys([...self::code('core'), ...self::code('blocks'), ...self::code('app')]) as $file) {
            // A model is called what its value in the core is called.
            $places[(str_contains($file, '/Models/') ? 'model ' : '').basename($file)][] = $file;
        }
        unset($places['view.blade.php']);
        self::assertSame([], array_filter($places, static fn (array $files): bool => count($files) > 1));
    }

    public function test_what_the_documentation_names_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $named = 0;
        foreach ([
            ...glob("$root/*.md") ?: [],
            ...glob("$root/docs/*.md") ?: [],
            ...glob("$root/{core,blocks,studio,shop,bench,demo,app}/README.md", GLOB_BRACE) ?: [],
            ...glob("$root/{core,app}/*/README.md", GLOB_BRACE) ?: [],
        ] as $page) {
            preg_match_all(
                '~`((?:app|bench|bin|blocks|core|demo|docs|routes|shop|studio|tests|tools)/[\w./-]+)`~',
                (string) file_get_contents($page),
                $found,
            );
            foreach (basename($page) === 'CHANGELOG.md' ? [] : $found[1] as $path) {
                $named++;
                self::assertFileExists("$root/$path", $page);
            }
        }
        self::assertGreaterThan(60, $named);
    }

    public function test_no_two_kinds_or_starters_on_the_shelf_look_alike(): void
    {
        $drawn = [];
        foreach (Kinds::composer()->schema->all() as $definition) {
            if ($definition->shelf === null) {
                continue;
            }
            $file = dirname(__DIR__, 2)
                .'/blocks/'
                .str_replace(' ', '', ucwords(strtr($definition->kind, '-', ' ')))
                .'/drawing.svg';
            $own = array_filter(array_map(static fn ($starter): ?string => $starter->drawing, $definition->starters));
            foreach ($own === [] ? (is_file($file) ? [(string) file_get_contents($file)] : []) : $own as $drawing) {
                $drawn[] = trim($drawing);
            }
        }

        self::assertGreaterThan(40, count($drawn));
        self::assertSame(array_values(array_unique($drawn)), $drawn);
    }

    /** @return array<string, string> file, from the project's folder on => its code */
    private static function code(string $folder): array
    {
        $root = dirname(__DIR__, 2);
        $code = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            /** @var SplFileInfo $file */
            if ($file->getExtension() === 'php') {
                $code[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents($file
                    ->getPathname());
            }
        }

        return $code;
    }
}
