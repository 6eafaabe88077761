<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Backups;

use PDO;
use PDOException;
use RuntimeException;
use Vestibra\App\Ground\Backups\Sql\CopiedFiles;
use Vestibra\App\Ground\DataFolder;

/**
 * Where the first versions kept the database, the pictures and the files: they are moved into the data folder's first
 * generation.
 */
final class EarlierPlaces
{
    public function moveInto(DataFolder $data): void
    {
        if ($data->name() !== '') {
            return;
        }
        $database = database_path('vestibra.sqlite');
        if (! $data->isIn(config()->string('database.connections.sqlite.database')) || ! is_file($database)) {
            $data->prepare();

            return;
        }
        $beside = $data->beside();
        try {
            (new PDO("sqlite:$database"))->exec(CopiedFiles::AS_ONE_FILE);
        } catch (PDOException) {
            throw new RuntimeException(
                "The shop is running still from $database. Stop it first, then start again; nothing was moved.",
            );
        }
        rename($database, "$beside/".DataFolder::DATABASE);
        foreach (['pictures' => public_path('pictures'), 'files' => storage_path('app/files')] as $folder => $place) {
            foreach (array_filter(glob("$place/*") ?: [], is_file(...)) as $file) {
                rename($file, "$beside/$folder/".basename($file));
            }
        }
        $data->adopt($beside);
    }
}
