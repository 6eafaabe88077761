<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use PDOException;
use Vestibra\App\Ground\Database\Sql\Looks;
use Vestibra\App\Ground\NoRoom;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\NameOrder;
use Vestibra\Core\Selling\BestRated;

/**
 * Opens the database of the generation that is in use at this moment. Asked for by the link's own name it would be that
 * of a while ago: PHP remembers for two minutes where a link leads.
 */
final class CurrentGeneration extends SQLiteConnector
{
    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        $database = is_string($config['database'] ?? null) ? $config['database'] : '';
        $link = dirname($database);
        $target = @readlink($link);
        if ($target !== false) {
            $config['database'] = (str_starts_with($target, '/') ? $target : dirname($link)."/$target").'/'.basename(
                $database,
            );
        }

        $pdo = $this->open($config);
        $pdo->sqliteCreateFunction('begins_word', self::beginsWord(...), 2, PDO::SQLITE_DETERMINISTIC);
        $pdo->sqliteCreateFunction(
            'folded',
            static fn (?string $text): string => Folding::fold(strip_tags((string) $text)),
            1,
            PDO::SQLITE_DETERMINISTIC,
        );
        $pdo->sqliteCreateFunction(
            'folded_line',
            static fn (?string $line): string => Folding::fold((string) $line),
            1,
            PDO::SQLITE_DETERMINISTIC,
        );
        $pdo->sqliteCreateFunction(
            'best_rated',
            static fn (int $reviews, int $stars): float => BestRated::score($reviews, $stars),
            2,
            PDO::SQLITE_DETERMINISTIC,
        );
        $pdo->sqliteCreateFunction(
            'holds_something',
            static fn (?string $html): int => (int) FactValue::holdsSomething((string) $html),
            1,
            PDO::SQLITE_DETERMINISTIC,
        );
        $pdo->sqliteCreateFunction('name_order', self::nameOrder(...), 1);

        return $pdo;
    }

    /**
     * Beside the database SQLite makes a file of what several readers share. Where there is no room for that, one
     * reader after another keeps it in memory (https://www.sqlite.org/wal.html#use_of_wal_without_shared_memory):
     * slower, and all can read.
     *
     * @param  array<string, mixed>  $config
     */
    private function open(array $config): PDO
    {
        try {
            $pdo = parent::connect($config);
            $pdo->query(Looks::READS);

            return $pdo;
        } catch (PDOException $error) {
            if (! NoRoom::isBehind($error)) {
                throw $error;
            }

            return parent::connect(['pragmas' => ['locking_mode' => 'exclusive'], 'journal_mode' => null] + $config);
        }
    }

    /** The key by which a name stands in the order of the shop's language. */
    private static function nameOrder(?string $name): string
    {
        /** @var array<string, NameOrder> $orders */
        static $orders = [];
        $locale = config()->string('vestibra.locale');

        return ($orders[$locale] ??= new NameOrder($locale))->key((string) $name);
    }

    /**
     * Whether a word begins one of a folded name: for the few sets of products; products have an index of their words.
     */
    private static function beginsWord(?string $folded, ?string $word): int
    {
        foreach (Folding::words((string) $folded) as $own) {
            if (str_starts_with($own, (string) $word)) {
                return 1;
            }
        }

        return 0;
    }
}
