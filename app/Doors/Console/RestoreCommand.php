<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use RuntimeException;
use Vestibra\App\Ground\Backups\Restore;
use Vestibra\App\Ground\Backups\RestoreRefused;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\DataFolder;

final class RestoreCommand extends Command
{
    use SaysProblems;

    protected $signature =
        'vestibra:restore {file? : the backup} {--back : as it was before the latest restore} {--json}';

    protected $description = 'Puts a backup in the place of the database, the pictures and the files, all at once; '
        .'what is there now is kept';

    public function handle(Restore $restore, DataFolder $data): int
    {
        $database = config()->string('database.connections.sqlite.database');
        if ($this->option('back')) {
            return $data->back()
                ? $this->done([], $data)
                : $this->refuse('There is nothing from before to go back to. The shop is as it was.');
        }
        try {
            if (! $data->isIn($database)) {
                throw RestoreRefused::otherDatabase($database);
            }

            return $this->done($restore->from($this->text('file'), $data), $data);
        } catch (RuntimeException $error) {
            return $this->failed($error, ' The shop is as it was.');
        }
    }

    /** @param  array<string, int>  $done */
    private function done(array $done, DataFolder $data): int
    {
        if ($this->option('json')) {
            return $this->json($done + ['generation' => $data->name(), 'before' => $data->previous()]);
        }
        $this->saysWhere();
        $this->info(
            $done === [] ? 'The shop is as it was before the latest restore.' : 'Restored: the database, '.Counted::of(
                $done['pictures'],
                'picture',
            ).' and '.Counted::of($done['files'], 'file').'.',
        );
        $this->line('What was there is kept beside; “vestibra:restore --back” takes it into use again.');

        return self::SUCCESS;
    }
}
