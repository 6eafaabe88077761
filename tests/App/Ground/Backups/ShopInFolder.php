<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Backups;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Backups\Backup;
use Vestibra\App\Ground\DataFolder;
use Vestibra\App\Ground\Files\StoredFiles;

/** The test's shop in a data folder of its own, with a few pictures and a file. */
trait ShopInFolder
{
    private string $root = '';

    private DataFolder $data;

    private function moveIn(int $pictures): void
    {
        $this->root = sys_get_temp_dir().'/vestibra-data-'.bin2hex(random_bytes(6));
        $this->data = new DataFolder($this->root);
        $this->data->prepare();
        $current = $this->data->current();
        copy(config()->string('database.connections.sqlite.database'), "$current/".DataFolder::DATABASE);
        config([
            'vestibra.data' => $this->root,
            'vestibra.pictures' => "$current/pictures",
            'vestibra.files' => "$current/files",
            'database.connections.sqlite.database' => "$current/".DataFolder::DATABASE,
            'database.connections.sqlite.journal_mode' => 'wal',
        ]);
        DB::purge();
        DB::transaction(function () use ($pictures, $current): void {
            DB::table('stored_files')->delete();
            for ($number = 1; $number <= $pictures; $number++) {
                $image = imagecreatetruecolor(8, 8);
                imagefilledrectangle($image, 0, 0, 7, 7, $number * 7919 % 0xFFFFFF);
                imagewebp($image, "$current/pictures/kept-$number-400.webp");
                DB::table('pictures')->insert([
                    'file' => "kept-$number", 'width' => 8, 'height' => 8, 'alt' => '', 'state' => 'ready',
                ]);
                StoredFiles::note('pictures', "$current/pictures/kept-$number-400.webp");
            }
            file_put_contents("$current/files/care-0a1b2c3d4e5f.txt", 'Wash the nib in cold water.');
            DB::table('files')->insert([
                'use' => 'download',
                'name' => 'Care.txt',
                'file' => 'care-0a1b2c3d4e5f.txt',
                'type' => 'text/plain',
                'bytes' => 27,
                'made_at' => now(),
            ]);
            StoredFiles::note('files', "$current/files/care-0a1b2c3d4e5f.txt");
        });
    }

    private function moveOut(): void
    {
        DB::purge();
        is_dir($this->root) && DataFolder::remove($this->root);
    }

    private function backup(string $name = 'kept.zip'): string
    {
        $this->app->make(Backup::class)->write(
            "$this->root/$name",
            ['pictures' => config()->string('vestibra.pictures'), 'files' => config()->string('vestibra.files')],
        );

        return "$this->root/$name";
    }

    /** Everything that the shop keeps, as one value: what the database knows and what lies in its folders. */
    private function everything(): string
    {
        clearstatcache();
        $folder = "$this->root/".readlink($this->data->current());
        $files = [];
        foreach (DataFolder::FOLDERS as $one) {
            foreach (glob("$folder/$one/*") ?: [] as $path) {
                $files[] = "$one/".basename($path).' '.hash_file('sha256', $path);
            }
        }
        $pdo = new \PDO("sqlite:$folder/".DataFolder::DATABASE);
        self::assertSame('ok', $pdo->query('pragma integrity_check')?->fetchColumn());
        $known = $pdo
            ->query("select folder || '/' || name || ' ' || sha256 from stored_files order by 1")
            ?->fetchAll(\PDO::FETCH_COLUMN);
        sort($files);
        self::assertSame($known, $files, 'Database and files are not of one piece.');
        $names = $pdo->query('select group_concat(name) from (select name from templates order by id)')?->fetchColumn();

        return $names.' '.hash('sha256', implode("\n", $files));
    }
}
