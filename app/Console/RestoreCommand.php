<?php

declare(strict_types=1);

namespace Vestibra\App\Console;

use Illuminate\Console\Command;
use RuntimeException;
use Vestibra\App\Keeping\Backup;

final class RestoreCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:restore {file} {--json}';

    protected $description = 'Puts a backup in the place of the database and the pictures; what is there now is kept in a backup first';

    public function handle(Backup $backup): int
    {
        $file = $this->text('file');
        $database = config()->string('database.connections.sqlite.database');
        $before = storage_path('app/before-restore-'.now()->format('Y-m-d-His').'.zip');
        try {
            $backup->write($before, Backup::folders());
            $done = $backup->restore($file, $database, Backup::folders());
        } catch (RuntimeException $error) {
            return $this->refuse($error->getMessage().' The shop is as it was.');
        }
        if ($this->option('json')) {
            return $this->json($done + ['before' => $before]);
        }
        $this->info("Restored: the database and {$done['pictures']} pictures and {$done['files']} files. What was there before is kept in {$before}.");

        return self::SUCCESS;
    }
}
