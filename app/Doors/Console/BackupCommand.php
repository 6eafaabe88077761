<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use RuntimeException;
use Vestibra\App\Ground\Backups\Backup;
use Vestibra\App\Ground\Backups\Restore;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\NoRoom;

final class BackupCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:backup {file? : where to write it} {--check= : says whether this backup could be '
        .'put back, and writes none} {--json}';

    protected $description = 'Writes the database, the pictures and the files into one file, while the shop runs';

    public function handle(Backup $backup, Restore $restore): int
    {
        $checked = $this->option('check');
        if (is_string($checked)) {
            return $this->check($checked, $restore);
        }
        $file = $this->text('file') ?: storage_path('app/vestibra-'.now()->format('Y-m-d-His').'.zip');
        $begun = hrtime(true);
        try {
            $done = $backup->write(
                $file,
                ['pictures' => config()->string('vestibra.pictures'), 'files' => config()->string('vestibra.files')],
            );
        } catch (RuntimeException $error) {
            return $this->failed($error);
        }
        $written = hrtime(true);
        try {
            $restore->rehearse($file, DataFolder::configured());
            $could = null;
        } catch (RuntimeException $refused) {
            $could = NoRoom::isBehind($refused)
                ? 'there is no room beside the shop to lay it out.'
                : $refused->getMessage();
        }
        [$writing, $rehearsing] = [self::seconds($begun, $written), self::seconds($written, hrtime(true))];
        if ($this->option('json')) {
            return $this->json($done + [
                'file' => $file, 'restorable' => $could === null, 'why' => $could,
                'seconds' => ['writing' => $writing, 'rehearsing' => $rehearsing],
            ]);
        }
        $this->saysWhere();
        if ($done['missing'] > 0) {
            $this->warn(
                Counted::of($done['missing'], 'file that the shop knows of was', 'files that the shop knows of were')
                    .' not there. “vestibra:doctor” tells more.',
            );
        }
        $this->info(
            "Kept in {$file}: the database, ".Counted::of($done['kept']['pictures'], 'picture').' and '.Counted::of(
                $done['kept']['files'],
                'file',
            ).", in $writing s. It holds the passwords’ hashes: only you can read it.",
        );

        $could === null
            ? $this->info("Putting it back was rehearsed in $rehearsing s: it could be.")
            : $this->warn("Putting it back was rehearsed and did not go: $could");

        return $could === null ? self::SUCCESS : self::FAILURE;
    }

    private static function seconds(int $from, int $until): float
    {
        return round(($until - $from) / 1e9, 1);
    }

    private function check(string $file, Restore $restore): int
    {
        try {
            $done = $restore->rehearse($file, DataFolder::configured());
        } catch (RuntimeException $refused) {
            return $this->failed($refused);
        }
        if ($this->option('json')) {
            return $this->json(['restorable' => true, 'kept' => $done]);
        }
        $this->info(
            'It could be put back: the database, '.Counted::of($done['pictures'], 'picture').' and '.Counted::of(
                $done['files'],
                'file',
            ).'. Nothing was changed.',
        );

        return self::SUCCESS;
    }
}
