<?php

declare(strict_types=1);

namespace Vestibra\App\Console;

use Illuminate\Console\Command;
use RuntimeException;
use Vestibra\App\Keeping\Backup;
use Vestibra\App\Words\Counted;

final class BackupCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:backup {file? : where to write it} {--json}';

    protected $description = 'Writes the database, the pictures and the files into one file, while the shop runs';

    public function handle(Backup $backup): int
    {
        $file = $this->text('file') ?: storage_path('app/vestibra-'.now()->format('Y-m-d-His').'.zip');
        try {
            $done = $backup->write($file, ['pictures' => config()->string('vestibra.pictures'), 'files' => config()->string('vestibra.files')]);
        } catch (RuntimeException $error) {
            return $this->refuse($error->getMessage());
        }
        if ($this->option('json')) {
            return $this->json($done + ['file' => $file]);
        }
        $this->saysWhere();
        if ($done['missing'] > 0) {
            $this->warn(Counted::of($done['missing'], 'file that the shop knows of was', 'files that the shop knows of were').' not there. “vestibra:doctor” tells more.');
        }
        $this->info("Kept in {$file}: the database, ".Counted::of($done['kept']['pictures'], 'picture').' and '.Counted::of($done['kept']['files'], 'file').'. It holds the passwords’ hashes: only you can read it.');

        return self::SUCCESS;
    }
}
