<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files\Sql;

use PDO;
use Vestibra\App\Ground\Files\FileUse;
use Vestibra\App\Ground\Files\Judge;
use Vestibra\App\Ground\Files\Judged;
use Vestibra\App\Ground\Files\StoredFiles;

/**
 * Whether a picture or file is one that the shop's database knows of, and as it was written: the one rule of backup,
 * restore and doctor.
 */
final readonly class KeptFile
{
    public const FOREIGN = 'foreign';

    public const CHANGED = 'changed';

    private const ENDINGS = [
        IMAGETYPE_JPEG => 'jpg', IMAGETYPE_PNG => 'png', IMAGETYPE_WEBP => 'webp', IMAGETYPE_AVIF => 'avif',
    ];

    public function __construct(private Judge $judge)
    {
    }

    /** Whether something in the shop is kept under that name. */
    public static function isOwned(PDO $pdo, string $folder, string $name): bool
    {
        return StoredFiles::isName($folder, $name) && ($folder === 'pictures'
            ? self::row($pdo, 'select 1 as known from pictures where original = ? or file = ? limit 1', [
                $name,
                (string) preg_replace('/-\d+\.\w+$/', '', $name),
            ]) !== null
            : self::row($pdo, 'select 1 as known from files where file = ?', [$name]) !== null);
    }

    /** @return string|null what is the matter with it: `foreign` to the shop, or `changed` since it was written */
    public function matter(PDO $pdo, string $folder, string $name, string $path): ?string
    {
        $noted = self::row($pdo, 'select bytes, sha256 from stored_files where folder = ? and name = ?', [
            $folder,
            $name,
        ]);
        if ($noted !== null
            && ((int) filesize($path) !== (int) $noted['bytes'] || hash_file('sha256', $path) !== $noted['sha256'])) {
            return self::CHANGED;
        }

        return self::isOwned($pdo, $folder, $name) && $this->isOfItsKind($pdo, $folder, $name, $path)
            ? null
            : self::FOREIGN;
    }

    private function isOfItsKind(PDO $pdo, string $folder, string $name, string $path): bool
    {
        if ($folder === 'pictures') {
            $size = @getimagesize($path);

            return (self::ENDINGS[$size === false ? 0 : $size[2]] ?? '') === pathinfo($name, PATHINFO_EXTENSION);
        }
        $row = self::row($pdo, 'select "use", type from files where file = ?', [$name]);
        $use = FileUse::tryFrom((string) ($row['use'] ?? ''));
        $judged = $use === null ? null : $this->judge->of($use, $path, $name);

        return $judged instanceof Judged && $judged->type === ($row['type'] ?? null);
    }

    /**
     * @param  list<string>  $values
     * @return array<string, scalar|null>|null
     */
    private static function row(PDO $pdo, string $sql, array $values): ?array
    {
        $statement = $pdo->prepare($sql);
        $statement->execute($values);
        $row = $statement->fetch(PDO::FETCH_ASSOC);

        return is_array($row) ? $row : null;
    }
}
