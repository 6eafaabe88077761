<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Backups;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use InvalidArgumentException;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\Console\Output\BufferedOutput;
use Vestibra\App\Ground\Backups\Backup;
use Vestibra\App\Ground\Backups\Restore;
use Vestibra\App\Ground\Backups\RestoreRefused;
use Vestibra\App\Ground\Database\DataReplaced;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Pictures\MakeWaiting;
use Vestibra\App\Ground\Pictures\Uploads;
use Vestibra\App\Work\Fitting\FitTemplate;
use Vestibra\Tests\App\TestCase;
use ZipArchive;

/** A backup is put back wholly, after all of it was looked at, or not at all. */
final class RestoreTest extends TestCase
{
    use ShopInFolder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->moveIn(5);
    }

    protected function tearDown(): void
    {
        $this->moveOut();
        parent::tearDown();
    }

    public function test_a_backup_put_back_is_the_shop_as_it_was_and_what_was_there_before_stays_beside(): void
    {
        $before = $this->everything();
        $file = $this->backup();
        $this->template('Made since');
        unlink($this->data->current().'/pictures/kept-3-400.webp');
        file_put_contents($this->data->current().'/files/care-0a1b2c3d4e5f.txt', 'overwritten');
        $done = $this->app->make(Restore::class)->from($file, $this->data);

        self::assertSame(['pictures' => 5, 'files' => 1], $done);
        self::assertSame($before, $this->everything());
        $this->get('/p/teal-tide-bottled-ink')->assertOk();
        self::assertTrue($this->data->back());
        DB::purge();
        self::assertSame(1, DB::table('templates')->where('name', 'Made since')->count());
    }

    public function test_a_backup_of_an_earlier_version_is_brought_up_to_date_and_its_files_are_noted(): void
    {
        $file = $this->backup();
        $this->rewrite($file, function (ZipArchive $zip, string $database): void {
            $pdo = new PDO("sqlite:$database");
            foreach ($pdo->query(
                "select name from sqlite_master where type = 'trigger' and (name like 'live_rules%' or name like "
                    ."'filters_%' or name like 'verdicts_%' or name like 'orders_%' or "
                    ."name like 'counts_%' or name like 'searched_%')",
            )->fetchAll(PDO::FETCH_COLUMN) as $trigger) {
                $pdo->exec("drop trigger $trigger");
            }
            $pdo->exec(
                'drop index releases_author_id_key_unique; alter table releases drop column key; drop table '
                    .'selected_pages; drop table selections; drop table kept_filters; drop table row_headers; '
                    .'alter table catalogue_entries drop column many; drop table '
                    .'category_order; drop table collection_order; drop table news_addresses; drop table outbox; '
                    .'drop table product_vocabulary; drop table search_days; drop table searches; drop table '
                    .'synonyms; drop table filter_packs; drop table kept_verdicts; drop '
                    .'table kept_templates; drop table kept_state; drop table stale_verdicts; drop '
                    .'table kept_orders; drop table kept_orders_state; drop table stale_orders; drop '
                    .'table kept_counts; drop table searched; drop '
                    .'table filter_bits; drop table filter_stale; drop table '
                    .'filter_words; drop index variants_sale_from; drop index variants_sale_until; drop trigger '
                    .'users_stay; drop table stored_files; drop table own_fonts; drop index one_house_style_in_use; '
                    .'alter table house_styles drop column name; alter table house_styles drop column draft; alter '
                    .'table house_styles drop column in_use; drop table live_rules; drop table own_words; drop index '
                    .'products_published_title_order_index; drop index products_title_order; drop index '
                    .'products_price_low; drop index products_shown_newest; alter table pictures drop column made; '
                    .'alter table pictures drop column avif; alter table products drop column '
                    .'described; alter table products drop column '
                    .'price_low; alter table products drop column title_order; drop table tree_names; drop table '
                    .'indexed_trees; alter table users drop column closed_at; alter table troubles drop column '
                    .'draft; alter table troubles rename column subject_id to product_id; alter table templates drop '
                    .'column role; alter table templates drop column let_go_at; alter table categories drop column '
                    .'picture_id; alter table collections drop column picture_id; alter table brands drop column '
                    ."picture_id; delete from migrations where migration >= '2026_11_26'",
            );
            $pdo->exec(
                'drop index passed_over_steps; alter table draft_steps drop column passed_over; '
                    .'drop index variants_sku_folded; drop index variants_barcode; drop table catalogue_entry_things; '
                    .'drop table catalogue_entries; drop table old_address_names; drop table shop_settings; drop '
                    .'table merged_categories; drop table merged_collections; drop table merged_brands; drop table '
                    .'merged_tags; drop table merged_options; drop table merged_option_values; drop trigger '
                    .'option_values_take_along; alter table variants drop column contents; drop index '
                    .'products_show_from; drop index products_show_until; alter table products drop column '
                    .'show_from; alter table products drop column show_until; alter table brands drop column '
                    .'description; alter table tags drop column description; alter table tags drop column picture_id',
            );
            foreach (['products', 'categories', 'collections', 'brands', 'tags'] as $table) {
                $pdo->exec(
                    "alter table $table drop column search_title; alter table $table drop column search_description",
                );
            }
            $zip->addFile($database, Backup::DATABASE);
            $zip->deleteName(Backup::MANIFEST);
        });
        $before = $this->everything();
        self::assertSame(['pictures' => 5, 'files' => 1], $this->app->make(Restore::class)->from($file, $this->data));
        self::assertSame($before, $this->everything());
    }

    /** @return iterable<string, array{callable(ZipArchive, string): mixed, string}> */
    public static function bad(): iterable
    {
        $replaced = static fn (callable $change): callable =>
            static function (ZipArchive $zip, string $database) use ($change): void {
                $change(new PDO("sqlite:$database"), $database);
                $zip->addFile($database, Backup::DATABASE);
                $zip->deleteName(Backup::MANIFEST);
            };
        yield 'a script among the pictures' => [
            static fn (ZipArchive $zip) => $zip->addFromString('pictures/shell.php', '<?php echo 1;'),
            'would not have written',
        ];
        yield 'a server’s settings' => [
            static fn (ZipArchive $zip) => $zip->addFromString('files/.htaccess', 'Options +ExecCGI'),
            'would not have written',
        ];
        yield 'a page' => [
            static fn (ZipArchive $zip) => $zip->addFromString('pictures/trap.html', '<script>1</script>'),
            'would not have written',
        ];
        yield 'a way out of the folder' => [
            static fn (ZipArchive $zip) => $zip->addFromString('pictures/../../../outside.webp', 'x'),
            'would not have written',
        ];
        yield 'something else' =>
            [static fn (ZipArchive $zip) => $zip->addFromString('notes.txt', 'x'), 'would not have written'];
        yield 'a picture that the manifest does not name' => [
            static fn (ZipArchive $zip) => $zip->addFromString('pictures/more-1-400.webp', 'x'),
            'would not have written',
        ];
        yield 'a picture that is missing' =>
            [static fn (ZipArchive $zip) => $zip->deleteName('pictures/kept-2-400.webp'), 'is not what was kept'];
        yield 'another picture of the same size' => [static function (ZipArchive $zip): void {
            $zip->addFromString(
                'pictures/kept-2-400.webp',
                strrev((string) $zip->getFromName('pictures/kept-2-400.webp')),
            );
        }, 'is not what was kept'];
        yield 'no database' =>
            [static fn (ZipArchive $zip) => $zip->deleteName(Backup::DATABASE), 'is no backup of Vestibra'];
        yield 'a database that is none' => [
            $replaced(static fn (PDO $pdo, string $file) => file_put_contents($file, str_repeat('x', 4096))),
            'damaged',
        ];
        yield 'a database with one table of a known name' => [$replaced(static function (PDO $pdo, string $file): void {
            unlink($file);
            (new PDO("sqlite:$file"))->exec('create table templates (id integer primary key)');
        }), 'damaged'];
        yield 'a database with a page torn' => [$replaced(static function (PDO $pdo, string $file): void {
            $pdo->exec('pragma wal_checkpoint(truncate)');
            $handle = fopen($file, 'r+b');
            if ($handle !== false) {
                fseek($handle, 4096 * 9);
                fwrite($handle, random_bytes(4096 * 30));
                fclose($handle);
            }
        }), 'damaged'];
        yield 'rows that name what is not there' => [
            $replaced(
                static fn (PDO $pdo) => $pdo->exec('pragma foreign_keys = off; delete from products where id = 1'),
            ),
            'damaged',
        ];
        yield 'a table more' => [
            $replaced(static fn (PDO $pdo) => $pdo->exec('create table extra (id integer)')),
            'would not have written',
        ];
        yield 'a trigger that nobody of us made' => [
            $replaced(static fn (PDO $pdo) => $pdo->exec(
                "create trigger trap after insert on releases begin update users set role = 'owner'; end",
            )),
            'would not have written',
        ];
        yield 'a column less' => [
            $replaced(static fn (PDO $pdo) => $pdo->exec('alter table files drop column seconds')),
            'would not have written',
        ];
        yield 'a newer version' => [
            $replaced(static fn (PDO $pdo) => $pdo->exec(
                "insert into migrations (migration, batch) values ('2030_01_01_000001_later', 9)",
            )),
            'newer Vestibra',
        ];
        yield 'a picture of another size than the database knows' => [
            $replaced(static fn (PDO $pdo) => $pdo->exec(
                "update stored_files set bytes = bytes + 1 where name = 'kept-4-400.webp'",
            )),
            'is not what was kept',
        ];
        yield 'a picture that is a page' => [static function (ZipArchive $zip, string $database): void {
            $page = '<html><script>alert(1)</script></html>';
            (new PDO("sqlite:$database"))->exec(
                'update stored_files set bytes = '.strlen(
                    $page,
                ).", sha256 = '".hash('sha256', $page)."' where name = 'kept-4-400.webp'",
            );
            $zip->addFile($database, Backup::DATABASE);
            $zip->addFromString('pictures/kept-4-400.webp', $page);
            $zip->deleteName(Backup::MANIFEST);
        }, 'would not have written'];
        yield 'a file of another kind than the database says' => [
            static function (ZipArchive $zip, string $database): void {
                $page = '<html><script>alert(1)</script></html>';
                (new PDO("sqlite:$database"))->exec(
                    'update stored_files set bytes = '.strlen(
                        $page,
                    ).", sha256 = '".hash('sha256', $page)."' where name = 'care-0a1b2c3d4e5f.txt'",
                );
                $zip->addFile($database, Backup::DATABASE);
                $zip->addFromString('files/care-0a1b2c3d4e5f.txt', $page);
                $zip->deleteName(Backup::MANIFEST);
            },
            'would not have written',
        ];
        yield 'something that unpacks to far more' => [static function (ZipArchive $zip): void {
            $zip->addFromString('pictures/kept-2-400.webp', str_repeat("\0", 19_000_000));
            $zip->setCompressionName('pictures/kept-2-400.webp', ZipArchive::CM_DEFLATE, 9);
        }, 'unpack to more than anything'];
    }

    /** @param  callable(ZipArchive, string): mixed  $change */
    #[DataProvider('bad')]
    public function test_what_is_not_as_we_write_it_is_refused_with_a_sentence_and_changes_nothing(
        callable $change,
        string $words,
    ): void {
        $file = $this->backup();
        $this->template('Made since');
        $before = [$this->everything(), $this->data->name()];
        $this->rewrite($file, $change);
        try {
            $this->app->make(Restore::class)->from($file, $this->data);
            self::fail('The backup was put back.');
        } catch (RestoreRefused $error) {
            self::assertStringContainsString($words, $error->getMessage());
        }
        self::assertSame($before, [$this->everything(), $this->data->name()]);
        self::assertSame([], glob("$this->root/generations/.laid*") ?: []);
        self::assertFileDoesNotExist(dirname($this->root).'/outside.webp');
    }

    public function test_what_is_no_backup_is_refused_by_the_command_without_a_trace(): void
    {
        file_put_contents("$this->root/none.zip", 'no backup');
        self::assertStringContainsString(
            'is no backup of Vestibra, or cannot be read. The shop is as it was.',
            $this->said(['file' => "$this->root/none.zip"], 1),
        );
        self::assertStringContainsString('nothing from before', $this->said(['--back' => true], 1));
        self::assertStringContainsString(
            'Restored: the database, 5 pictures and 1 file.',
            $this->said(['file' => $this->backup()], 0),
        );
        $again = $this->backup('again.zip');
        config(['database.connections.sqlite.database' => '/elsewhere/shop.sqlite']);
        self::assertStringContainsString('lies outside the data folder', $this->said(['file' => $again], 1));
    }

    public function test_who_writes_while_another_generation_comes_into_use_is_told_and_nothing_is_lost_unsaid(): void
    {
        $file = $this->backup();
        config(['database.connections.somebody' => config('database.connections.sqlite')]);
        $old = DB::connection('somebody');
        $old->table('templates')->count();
        $this->app->make(Restore::class)->from($file, $this->data);
        $before = $this->everything();
        foreach ([
            static fn () => $old->table('templates')->where('id', 1)->update(['name' => 'Lost']),
            static fn () => $old->table('tags')->insert(['name' => 'Lost', 'name_folded' => 'lost', 'slug' => 'lost']),
            static fn () => $old->transaction(static fn () => $old->table('tags')->count()),
        ] as $write) {
            try {
                $write();
                self::fail('It was written where nobody looks any more.');
            } catch (DataReplaced $error) {
                self::assertSame(503, $error->getStatusCode());
            }
        }
        self::assertSame($before, $this->everything());
    }

    public function test_whoever_asks_next_sees_what_is_in_use_now_though_php_remembers_where_the_link_led(): void
    {
        $file = $this->backup();
        $this->template('Made since');
        self::assertSame($this->root.'/'.readlink($this->data->current()), realpath($this->data->current()));
        $this->app->make(Restore::class)->from($file, $this->data);
        self::assertSame(0, DB::table('templates')->where('name', 'Made since')->count());
    }

    public function test_a_backup_is_for_its_owner_alone_and_leaves_no_working_copy(): void
    {
        $left = static fn (): array => glob(sys_get_temp_dir().'/vestibra-backup-'.getmypid().'-*') ?: [];
        $file = $this->backup();
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($file)), -4));
        self::assertSame([], $left());
        foreach (["$this->root/nowhere/kept.zip", $this->root] as $place) {
            try {
                $this->app->make(Backup::class)->write($place, []);
                self::fail('It was written.');
            } catch (RuntimeException $error) {
                self::assertStringContainsString('cannot be written', $error->getMessage());
            }
        }
        DB::statement('drop table stored_files');
        try {
            $this->backup('broken.zip');
        } catch (\Throwable) {
            self::assertSame([], $left());
        }
        self::assertSame(['kept.zip'], array_map(basename(...), glob("$this->root/*.{zip,part}", GLOB_BRACE) ?: []));
    }

    public function test_the_doctor_compares_with_what_was_written(): void
    {
        $found = fn (bool $mend = false): array => array_values(array_filter(
            json_decode(
                $this->kernel('vestibra:doctor', ['--json' => true] + ($mend ? ['--mend' => true] : [])),
                true,
            )['findings'],
            static fn (array $finding): bool =>
                in_array($finding['what'], ['picture', 'changed', 'stray', 'foreign', 'noted'], true),
        ));
        DB::table('pictures')->where('file', 'not like', 'kept-%')->update(['state' => 'new']);
        self::assertSame([], $found());
        $current = $this->data->current();
        file_put_contents("$current/pictures/kept-1-400.webp", '');
        file_put_contents("$current/files/care-0a1b2c3d4e5f.txt", 'Wash the nib in hot! water.');
        unlink("$current/pictures/kept-2-400.webp");
        file_put_contents("$current/pictures/shell.php", '<?php');
        file_put_contents("$current/pictures/left-behind-400.webp", 'x');
        file_put_contents("$current/pictures/kept-3-400.avif.part", 'x');
        foreach (['shell.php', 'left-behind-400.webp', 'kept-3-400.avif.part'] as $name) {
            touch("$current/pictures/$name", time() - 90);
        }

        self::assertSame([
            [
                'stray',
                '2 files are kept for nothing in the shop: pictures/kept-3-400.avif.part, '
                    .'pictures/left-behind-400.webp. “--mend” removes what is ours.',
            ],
            ['foreign', 'pictures/shell.php was not written by Vestibra. No backup takes it; move it elsewhere.'],
            ['picture', 'pictures/kept-2-400.webp is missing. Restore a backup, or put them in anew.'],
            [
                'changed',
                '2 files are not as they were written: pictures/kept-1-400.webp, files/care-0a1b2c3d4e5f.txt. '
                    .'Restore a backup, or put them in anew.',
            ],
        ], array_map(static fn (array $finding): array => [$finding['what'], $finding['words']], $found()));
        self::assertSame([true, false], array_column(array_slice($found(true), 0, 2), 'mended'));
        self::assertSame(['foreign', 'picture', 'changed'], array_column($found(), 'what'), 'In one go.');
        self::assertFileDoesNotExist("$current/pictures/left-behind-400.webp");
        self::assertFileExists("$current/pictures/shell.php", 'What is not ours is not touched.');
    }

    public function test_what_is_kept_for_nothing_keeps_no_backup_from_being_put_back(): void
    {
        $current = $this->data->current();
        $image = imagecreatetruecolor(4, 4);
        imagewebp($image, "$current/pictures/killed-upload-original-0a1b2c3d.webp");
        StoredFiles::note('pictures', "$current/pictures/killed-upload-original-0a1b2c3d.webp");
        file_put_contents("$current/pictures/kept-1-400.webp", 'spoilt');
        $file = $this->backup('of-an-old-shop.zip');
        self::assertStringContainsString(
            'It could be put back: the database, 4 pictures and 1 file. Nothing was changed.',
            $this->kernel('vestibra:backup', ['--check' => $file], 0),
        );
        self::assertSame(['pictures' => 4, 'files' => 1], $this->app->make(Restore::class)->from($file, $this->data));
    }

    public function test_a_leftover_of_a_killed_upload_is_never_noted_and_goes_with_its_note(): void
    {
        $current = $this->data->current();
        DB::table('pictures')->where('file', 'not like', 'kept-%')->update(['state' => 'broken']);
        foreach (['left-original-0a1b2c3d.webp', 'noted-original-0a1b2c3d.webp'] as $name) {
            imagewebp(imagecreatetruecolor(4, 4), "$current/pictures/$name");
            touch("$current/pictures/$name", time() - 90);
        }
        StoredFiles::note('pictures', "$current/pictures/noted-original-0a1b2c3d.webp");
        imagewebp(imagecreatetruecolor(4, 4), "$current/pictures/just-now-original-0a1b2c3d.webp");
        $this->kernel('vestibra:doctor', ['--mend' => true]);
        self::assertSame(
            ['just-now-original-0a1b2c3d.webp'],
            array_values(array_filter(array_map(basename(...), glob("$current/pictures/*-original-*") ?: []))),
            'What may be on its way is left alone.',
        );
        self::assertSame(0, DB::table('stored_files')->where('name', 'like', '%-original-%')->count());
        touch("$current/pictures/just-now-original-0a1b2c3d.webp", time() - 90);
        $this->kernel('vestibra:doctor', ['--mend' => true], 0);
        self::assertStringNotContainsString('kept for nothing', $this->kernel('vestibra:doctor', [], 0));
    }

    public function test_a_backup_is_rehearsed_and_one_that_would_be_refused_is_said(): void
    {
        $before = $this->everything();
        self::assertStringContainsString(
            'Putting it back was rehearsed in ',
            $this->kernel('vestibra:backup', ['file' => "$this->root/fine.zip"], 0),
        );
        $this->rewrite("$this->root/fine.zip", static fn (ZipArchive $zip, string $database): bool =>
            $zip->addFromString('pictures/strange-400.webp', 'x'));
        self::assertStringContainsString(
            'which Vestibra would not have written',
            $this->kernel('vestibra:backup', ['--check' => "$this->root/fine.zip"], 1),
        );
        self::assertStringContainsString(
            'is no backup of Vestibra',
            $this->kernel('vestibra:backup', ['--check' => "$this->root/nowhere.zip"], 1),
        );
        self::assertSame($before, $this->everything(), 'Nothing was laid down for good.');
        self::assertSame(
            [basename((string) readlink($this->data->current()))],
            array_values(array_diff(scandir("$this->root/generations") ?: [], ['.', '..'])),
        );
    }

    public function test_what_a_killed_backup_left_beside_its_target_goes_with_the_next(): void
    {
        $gone = (int) shell_exec('sh -c \'echo $$\'');
        file_put_contents("$this->root/.kept.zip.$gone.0a1b2c3d.part", 'half');
        file_put_contents("$this->root/.kept.zip.".getmypid().'.0a1b2c3d.part', 'somebody is at it');
        $this->backup();
        self::assertSame(
            ['.kept.zip.'.getmypid().'.0a1b2c3d.part'],
            array_map(basename(...), glob("$this->root/.*.part") ?: []),
        );
    }

    public function test_sizes_and_fittings_that_nobody_makes_are_found_and_begun_anew(): void
    {
        Queue::fake();
        DB::table('pictures')->where('file', 'not like', 'kept-%')->update(['state' => 'broken']);
        DB::table('pictures')->where('file', 'kept-1')->update(['state' => 'new', 'original' => 'kept-1-400.webp']);
        $template = (int) DB::table('templates')->value('id');
        DB::table('fittings')->insert([
            'template_id' => $template,
            'revision' => 1,
            'state' => 'running',
            'total' => 0,
            'done' => 0,
            'findings' => '[]',
            'made_at' => now('UTC')->subHour()->toDateTimeString(),
        ]);
        $found = json_decode($this->kernel('vestibra:doctor', ['--json' => true]), true)['findings'];
        self::assertSame(
            ['1 picture waits for sizes that nobody makes.', '1 fitting has begun that nobody goes on with.'],
            array_column(array_filter($found, static fn (array $one): bool => $one['what'] === 'waiting'), 'words'),
        );
        Queue::assertNothingPushed();
        $this->kernel('vestibra:doctor', ['--mend' => true]);
        Queue::assertPushed(MakeWaiting::class, 1);
        Queue::assertPushed(FitTemplate::class, 1);
    }

    public function test_an_upload_whose_work_cannot_be_queued_is_no_upload(): void
    {
        config(['queue.default' => 'gone']);
        $before = [DB::table('pictures')->count(), DB::table('stored_files')->count()];
        ob_start();
        imagepng(imagecreatetruecolor(8, 8));
        try {
            $this->app->make(Uploads::class)->take((string) ob_get_clean(), 'new.png');
            self::fail('It was taken.');
        } catch (InvalidArgumentException) {
            self::assertSame($before, [DB::table('pictures')->count(), DB::table('stored_files')->count()]);
        }
    }

    /** @param  callable(ZipArchive, string): mixed  $change */
    private function rewrite(string $file, callable $change): void
    {
        $zip = new ZipArchive;
        $zip->open($file);
        $database = "$this->root/taken-out.sqlite";
        file_put_contents($database, $zip->getFromName(Backup::DATABASE));
        $change($zip, $database);
        $zip->close();
        array_map(unlink(...), glob("$database*") ?: []);
    }

    /** @param  array<string, mixed>  $arguments */
    private function said(array $arguments, int $outcome): string
    {
        return $this->kernel('vestibra:restore', $arguments, $outcome);
    }

    /** @param  array<string, mixed>  $arguments */
    private function kernel(string $command, array $arguments, ?int $outcome = null): string
    {
        $output = new BufferedOutput;
        $status = $this->app->make(Kernel::class)->call($command, $arguments, $output);
        $said = $output->fetch();
        $outcome === null || self::assertSame($outcome, $status, $said);

        return $said;
    }
}
