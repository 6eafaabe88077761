<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Schema;
use RuntimeException;
use Vestibra\App\Ground\Backups\EarlierPlaces;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\StoredFile;

final class DataCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:data {--json}';

    protected $description = 'Makes the data folder where there is none, takes over what an earlier version kept '
        .'elsewhere, and says where it lies';

    public function handle(DataFolder $data, EarlierPlaces $earlier): int
    {
        try {
            $earlier->moveInto($data);
        } catch (RuntimeException $error) {
            return $this->failed($error);
        }
        $database = config()->string('database.connections.sqlite.database');
        is_file($database) || touch($database);
        if (Schema::hasTable('stored_files') && StoredFile::query()->toBase()->doesntExist()) {
            StoredFiles::noteAll('pictures', config()->string('vestibra.pictures'));
            StoredFiles::noteAll('files', config()->string('vestibra.files'));
        }
        if ($this->option('json')) {
            return $this->json(['database' => $database, 'generation' => $data->name()]);
        }
        $this->saysWhere();

        return self::SUCCESS;
    }
}
