<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Folder\FolderReader;
use Vestibra\App\Work\InAndOut\Folder\FolderWriter;
use Vestibra\App\Work\InAndOut\Folder\Outcome;
use Vestibra\App\Work\InAndOut\Linked\LinkedIn;
use Vestibra\App\Work\InAndOut\Linked\LinkedOut;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\Core\Formats\Shop\FolderProblem;
use Vestibra\Core\Formats\Shop\Schemas;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

final class CatalogueCommand extends Command
{
    use SaysRows;

    private const NOBODY =
        'There is nobody yet whose work this could be. Make an owner first: php artisan vestibra:user add.';

    /** Files that are named one by one. */
    private const SHOWN = 30;

    protected $signature = 'vestibra:catalogue
        {what : export, import, check or schemas}
        {folder : where the shop lies as files, or its variants as rows (.csv); schemas: where they are written to}
        {--over : export: write over what was changed by hand; import: the folder wins, and may be another shop’s}
        {--delete : import: what has no file is deleted}
        {--leaps : import: prices that become ten times as high or low, or more, are meant so}
        {--linked : export, import: products as schema.org JSON-LD, in one file instead of a folder}
        {--good : import of rows: those that can be taken are, though others cannot}
        {--empty : import of rows: an empty cell empties}
        {--column=* : import of rows: what a column is, as "Bestand=stock"; with nothing behind it: nothing}
        {--numbers= : import of rows: how numbers are written, with a point or a comma}
        {--days= : import of rows: how days are written, with the day or the month first}
        {--dry-run : import: say what would change, and change nothing}
        {--json}';

    protected $description = 'Writes the whole shop into a folder of readable files, reads it back, or checks such a '
        .'folder. Outcomes: 0 done, 1 refused (nothing was changed), 2 not understood';

    public function handle(
        FolderWriter $writer,
        FolderReader $reader,
        LinkedOut $linkedOut,
        LinkedIn $linkedIn,
        RowsIn $rowsIn,
        RowsOut $rowsOut,
    ): int {
        $folder = rtrim($this->text('folder'), '/');
        $linked = (bool) $this->option('linked');

        return match (true) {
            $folder === '' => $this->misunderstood('Say which folder.'),
            $linked && $this->text('what') === 'export' => $this->exportLinked($linkedOut, $folder),
            $linked && $this->text('what') === 'import' => $this->importLinked($linkedIn, $folder),
            self::isRows($folder) && $this->text('what') === 'export' => $this->exportRows($rowsOut, $folder),
            self::isRows($folder) && $this->text('what') === 'import' => $this->importRows($rowsIn, $folder),
            $this->text('what') === 'export' => $this->export($writer, $folder),
            $this->text('what') === 'import' => $this->import(
                $reader,
                $writer,
                $folder,
                (bool) $this->option('over'),
                (bool) $this->option('dry-run'),
                false,
            ),
            $this->text('what') === 'check' => $this->import($reader, $writer, $folder, true, true, true),
            $this->text('what') === 'schemas' => $this->schemas($folder),
            default => $this->misunderstood('Say “export”, “import”, “check” or “schemas”.'),
        };
    }

    private function misunderstood(string $words): int
    {
        $this->refuse($words);

        return self::INVALID;
    }

    private function export(FolderWriter $writer, string $folder): int
    {
        $done = $writer->write($folder, (bool) $this->option('over'));
        if ($done instanceof Problem) {
            return $this->problems([$done]);
        }
        if ($this->option('json')) {
            return $this->json($done);
        }
        $this->info("The shop lies in $folder: ".Counted::of($done['files'], 'file').', '.(
            $done['written'] === 0 ? 'none of them different from before' : "{$done['written']} of them new or changed"
        ).($done['removed'] === 0 ? '.' : "; {$done['removed']} that are not needed any more were taken away."));

        return self::SUCCESS;
    }

    private function exportLinked(LinkedOut $out, string $file): int
    {
        $done = $out->write($file);

        return match (true) {
            $done instanceof Problem => $this->problems([$done]),
            (bool) $this->option('json') => $this->json(['products' => $done]),
            default => $this->well(
                Counted::of($done, 'product that customers see stands', 'products that customers see stand')
                    ." in $file. Their addresses begin with "
                    .ShopAddress::base()
                    .' (APP_URL).',
            ),
        };
    }

    private function importLinked(LinkedIn $in, string $file): int
    {
        $owner = $this->owner();
        $done = $owner === null
            ? null
            : $in->read($file, $owner, (bool) $this->option('dry-run'), (bool) $this->option('leaps'));

        return match (true) {
            $done === null => $this->refuse(self::NOBODY),
            is_array($done) => $this->wrong($done),
            (bool) $this->option('json') => $this->json(get_object_vars($done)),
            default => $this->said($done, (bool) $this->option('dry-run'), false),
        };
    }

    private function owner(): ?User
    {
        return User::query()->where('role', User::OWNER)->oldest('id')->first();
    }

    private function well(string $words): int
    {
        $this->info($words);

        return self::SUCCESS;
    }

    private function schemas(string $folder): int
    {
        if (! is_dir($folder)) {
            return $this->refuse("There is no folder “{$folder}”.");
        }
        foreach (Schemas::all() as $name => $schema) {
            file_put_contents("$folder/$name.schema.json", ShopFolder::text($schema));
        }

        return self::SUCCESS;
    }

    private function import(
        FolderReader $reader,
        FolderWriter $writer,
        string $folder,
        bool $over,
        bool $dry,
        bool $whole,
    ): int {
        $owner = $this->owner();
        if ($owner === null) {
            return $this->refuse(self::NOBODY);
        }
        $done = $reader
            ->read($folder, $owner, $over, (bool) $this->option('delete'), $dry, $whole, (bool) $this->option('leaps'));
        if (is_array($done)) {
            return $this->wrong($done);
        }
        $done->ours && ! $dry && array_sum($done->counts) > 0 && $writer->write($folder, true);

        return $this->option('json') ? $this->json(get_object_vars($done)) : $this->said($done, $dry, $whole);
    }

    /** @param  non-empty-list<FolderProblem>  $problems */
    private function wrong(array $problems): int
    {
        $list = array_map(
            static fn (FolderProblem $one): array =>
                ['file' => $one->file, 'path' => $one->problem->path, 'message' => ProblemWords::of($one->problem)],
            $problems,
        );
        if ($this->option('json')) {
            $this->line((string) json_encode(
                ['error' => 'The folder was not read in.', 'problems' => $list],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
            ));
        } else {
            foreach ($list as $one) {
                $this->error($one['file'].($one['path'] === '' ? '' : ", {$one['path']}").": {$one['message']}");
            }
        }

        return self::FAILURE;
    }

    private function said(Outcome $done, bool $dry, bool $whole): int
    {
        foreach (array_slice($done->files, 0, self::SHOWN) as $file) {
            $this->line("  {$file['did']}  {$file['file']}"
                .($file['what'] === [] ? '' : ': '.implode(', ', $file['what'])));
        }
        count($done->files) > self::SHOWN && $this->line('  and '.(count($done->files) - self::SHOWN).' more');
        foreach ($done->moves['moves'] as $move) {
            $this->line('  '.Counted::of($move['count'], 'page').": “{$move['fromName']}” → “{$move['toName']}”");
        }
        $done->staying > 0 && ! $this->option('linked') && $this->line(
            Counted::of(
                $done->staying,
                'thing of the shop has no file here and stays',
                'things of the shop have no file here and stay',
            ).'. --delete deletes what has no file.',
        );
        $sum = implode(
            ', ',
            array_map(
                static fn (string $did, int $count): string => "$count $did",
                array_keys($done->counts),
                $done->counts,
            ),
        );
        $this->info(match (true) {
            $whole => "The folder is in order. Reading it in would leave: $sum.",
            $dry => "Nothing was changed. Reading it in would leave: $sum.",
            $done->entry === 0 && array_sum($done->counts) === 0 =>
                'The shop is as the folder says: nothing was changed.',
            default => "Read in: $sum. The catalogue’s history takes it back as one.",
        });

        return self::SUCCESS;
    }
}
