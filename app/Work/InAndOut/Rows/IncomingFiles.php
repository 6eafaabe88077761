<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Records\Models\Shop\RowHeader;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Catalogue\Folding;

/**
 * Files of rows that somebody has brought and not yet taken. They lie beside the shop's data for a day, each for
 * whoever
 * brought it; what their columns are is remembered by their header.
 */
final readonly class IncomingFiles
{
    /** In seconds. */
    private const KEPT = 86_400;

    public function __construct(private string $folder)
    {
    }

    /**
     * @param  string  $from  the file that was sent
     * @return string its name from here on
     */
    public function take(User $user, string $from): string
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o700, true);
        foreach (glob("$this->folder/*.rows") ?: [] as $old) {
            @filemtime($old) < time() - self::KEPT && @unlink($old);
        }
        $name = $user->id.'-'.bin2hex(random_bytes(8));

        return @copy($from, "$this->folder/$name.rows") ? $name : throw new NoRoom;
    }

    /** @return string|null where it lies; null: it is not there, or somebody else's */
    public function path(User $user, string $name): ?string
    {
        $path = "$this->folder/$name.rows";

        return preg_match('/^(\d{1,15})-[0-9a-f]{16}$/D', $name, $part) === 1
            && (int) $part[1] === $user->id
            && is_file($path)
                ? $path
                : null;
    }

    /** @return array<string, string> as a column is called => what it was the last time, in words */
    public static function remembered(string $path): array
    {
        $columns = RowHeader::query()->find(self::sum($path))?->columns;

        return $columns ?? [];
    }

    /** @param  array<string, string>  $columns */
    public static function remember(string $path, array $columns): void
    {
        RowHeader::query()->updateOrCreate(['header' => self::sum($path)], ['columns' => $columns]);
    }

    private static function sum(string $path): string
    {
        foreach (RowFile::at($path)->rows() as $row) {
            return hash('sha256', implode("\0", array_map(Folding::fold(...), $row->cells)));
        }

        return hash('sha256', '');
    }
}
