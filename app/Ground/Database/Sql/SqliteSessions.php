<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Database\Sql;

use PDO;
use PDOException;
use SessionHandlerInterface;
use Vestibra\App\Ground\NoRoom;

/**
 * Sessions in an SQLite file of their own, so that long work on the shop's data never keeps a customer waiting, and a
 * server that is killed loses none. The file is made anew when it is missing; when it cannot be read, visitors are
 * strangers and the shop goes on.
 */
final class SqliteSessions implements SessionHandlerInterface
{
    private ?PDO $pdo = null;

    /** Whether what was to be kept last could be. */
    public bool $hasRoom = true;

    /** @param  int  $minutes  a session ends when nothing was asked for so long */
    public function __construct(
        private readonly string $file,
        private readonly int $minutes,
    ) {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        $rows = $this
            ->ask('select content from sessions where id = ? and seen_at > ?', [$id, time() - 60 * $this->minutes]);

        return is_string($rows[0] ?? null) ? $rows[0] : '';
    }

    public function write(string $id, string $data): bool
    {
        return $this->ask(
            'insert into sessions (id, content, seen_at) values (?, ?, ?) on conflict (id) do update set content = '
                .'excluded.content, seen_at = excluded.seen_at',
            [$id, $data, time()],
        ) !== null;
    }

    public function destroy(string $id): bool
    {
        return $this->ask('delete from sessions where id = ?', [$id]) !== null;
    }

    public function gc(int $max_lifetime): int|false
    {
        return $this->ask('delete from sessions where seen_at <= ?', [time() - $max_lifetime]) === null ? false : 1;
    }

    public function count(): int
    {
        return (int) ($this->ask('select count(*) from sessions', [])[0] ?? 0);
    }

    /**
     * @param  list<scalar>  $values
     * @return list<mixed>|null the first column; null when the file cannot be used
     */
    private function ask(string $sql, array $values): ?array
    {
        $this->hasRoom = true;
        foreach ([false, true] as $alone) {
            try {
                return $this->once($sql, $values, $alone);
            } catch (PDOException $error) {
                $this->pdo = null;
                $this->hasRoom = $this->hasRoom && ! NoRoom::isBehind($error);
                if ($this->hasRoom || $alone) {
                    report($error);

                    return null;
                }
            }
        }

        return null;
    }

    /**
     * @param  list<scalar>  $values
     * @return list<mixed> the first column
     */
    private function once(string $sql, array $values, bool $alone): array
    {
        $statement = $this->pdo($alone)->prepare($sql);
        $statement->execute($values);
        $this->hasRoom = true;

        return array_values($statement->fetchAll(PDO::FETCH_COLUMN));
    }

    /** @param  bool  $alone  where there is no room beside the file, one after another reads it */
    private function pdo(bool $alone): PDO
    {
        if ($this->pdo === null) {
            $this->pdo = new PDO(
                "sqlite:$this->file",
                options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 5],
            );
            $alone && $this->pdo->exec('pragma locking_mode = exclusive');
            $this->pdo->exec('pragma journal_mode = wal; pragma synchronous = normal;'
                .' create table if not exists sessions (id text primary key, content text not null, seen_at integer '
                .'not null) without rowid;'
                .' create index if not exists sessions_seen on sessions (seen_at)');
        }

        return $this->pdo;
    }
}
