<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups;

use RuntimeException;

/** Why a backup is not put back. The shop is as it was. */
final class RestoreRefused extends RuntimeException
{
    public static function noBackup(string $file): self
    {
        return new self("The file $file is no backup of Vestibra, or cannot be read.");
    }

    public static function damaged(string $what): self
    {
        return new self("The backup is damaged: “{$what}” is not what was kept. Take an earlier one.");
    }

    public static function foreign(string $what): self
    {
        return new self(
            'The backup holds “'
                .mb_substr(mb_scrub($what), 0, 100)
                .'”, which Vestibra would not have written. Nothing of it is taken.',
        );
    }

    public static function tooLarge(string $what = ''): self
    {
        return new self('The backup would unpack to more than anything that Vestibra writes'
            .($what === '' ? '.' : ': “'.mb_substr(mb_scrub($what), 0, 100).'”.'));
    }

    public static function newer(): self
    {
        return new self('The backup was made by a newer Vestibra. Bring this one up to date first.');
    }

    public static function noRoom(): self
    {
        return new self('There is not enough room on the disk to lay the backup beside what is there.');
    }

    public static function otherDatabase(string $database): self
    {
        return new self(
            "The database in use, $database, lies outside the data folder, so it cannot be put back together with "
                .'its pictures. Start without DB_DATABASE, or name the folder with DATA_FOLDER.',
        );
    }
}
