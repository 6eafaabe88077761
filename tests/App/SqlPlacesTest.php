<?php

declare(strict_types=1);

namespace Vestibra\Tests\App;

use FilesystemIterator;
use PhpToken;
use PHPUnit\Framework\TestCase as Plain;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Data goes through the models; SQL by hand stands in query classes in folders called `Sql`, and nowhere else. */
final class SqlPlacesTest extends Plain
{
    /** What is asked of the database that is no query. */
    private const ALLOWED = '(transaction|transactionLevel|beginTransaction|commit|rollBack|afterCommit)';

    private const SQL = '/^\s*\(?\s*(select\s|insert (or \w+ )?into\s|update \w+ set\s|delete from\s|with \w+ as\s|'
        .'create (temp )?table\s|drop table\s|pragma\s|vacuum\s|analyze$|(not )?exists \(select\s)/i';

    public function test_nobody_else_writes_sql(): void
    {
        $found = [];
        $files = self::files();
        foreach ($files as $file) {
            foreach (PhpToken::tokenize((string) file_get_contents($file)) as $token) {
                $text = match ($token->id) {
                    T_CONSTANT_ENCAPSED_STRING => substr($token->text, 1, -1),
                    T_ENCAPSED_AND_WHITESPACE => $token->text,
                    default => '',
                };
                if (preg_match(self::SQL, $text) === 1) {
                    $found[] = self::place($file).":$token->line $text";
                }
            }
        }
        self::assertSame([], $found);
        self::assertGreaterThan(400, count($files));
    }

    public function test_nobody_else_asks_the_database_itself(): void
    {
        $found = [];
        foreach (self::files() as $file) {
            $code = (string) file_get_contents($file);
            foreach ([
                '/\bDB::(?!'.self::ALLOWED.'\()\w+/',
                '/\b(select|where|orWhere|having|orderBy|groupBy|from)Raw\(/',
                '/\bnew Expression\(/',
                '/\bDatabase::(rows|row|one|value|each|run)\(/',
                '/->(statement|unprepared|affectingStatement)\(/',
            ] as $pattern) {
                if (preg_match($pattern, $code, $hit) === 1) {
                    $found[] = self::place($file)." $hit[0]";
                }
            }
        }
        self::assertSame([], $found);
    }

    /** @return list<string> all PHP of the application outside the folders of SQL */
    private static function files(): array
    {
        $files = [];
        $root = dirname(__DIR__, 2);
        foreach (['app', 'blocks', 'routes'] as $folder) {
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                if ($file instanceof SplFileInfo
                    && $file->getExtension() === 'php'
                    && basename($file->getPath()) !== 'Sql') {
                    $files[] = $file->getPathname();
                }
            }
        }

        return $files;
    }

    private static function place(string $file): string
    {
        return substr($file, strlen(dirname(__DIR__, 2)) + 1);
    }
}
