<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\InAndOut\Rows;

use Illuminate\Support\Facades\DB;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** The process that reads a file of rows is killed at random moments: the catalogue is as before or as after. */
final class RowsKillingTest extends TestCase
{
    private const KILLS = 40;

    public function test_each_file_is_taken_as_a_whole_or_not_at_all(): void
    {
        $files = [];
        foreach ([700, 900] as $stock) {
            $files[$stock] = (string) tempnam(sys_get_temp_dir(), 'rows');
            $rows = DB::table('variants')->orderBy('id')->pluck('sku')
                ->map(static fn (mixed $sku, int $at): string => $sku.','.($stock + $at % 50))
                ->implode("\n");
            file_put_contents($files[$stock], "stock number,stock\n$rows\n");
        }
        $chance = new Chance(40);
        $states = [];
        $acknowledged = 0;
        $first = $this->state();
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $said = $this->readAndKill(array_values($files), $chance->number(1, 700));
            DB::purge();
            self::assertSame('ok', DB::scalar('pragma integrity_check'));
            $state = $this->state();
            self::assertContains($state, [$first, 'as 700', 'as 900'], "Kill $kill");
            $states[$state] = true;
            foreach ($said as $entry) {
                self::assertTrue(DB::table('catalogue_entries')->where('id', $entry)->exists(),
                    "Entry $entry was said.");
            }
            $acknowledged += count($said);
        }
        array_map(unlink(...), $files);
        self::assertGreaterThan(5, $acknowledged);
        self::assertGreaterThan(1, count($states));
    }

    /** @return string as which file it is, or what stands there */
    private function state(): string
    {
        $stocks = DB::table('variants')->orderBy('id')->pluck('stock')->all();
        foreach ([700, 900] as $stock) {
            $as = array_map(static fn (int $at): int => $stock + $at % 50, array_keys($stocks));
            if ($stocks === $as) {
                return "as $stock";
            }
        }

        return (string) json_encode($stocks);
    }

    /**
     * @param  list<string>  $files
     * @return list<int> the entries that were said to be made
     */
    private function readAndKill(array $files, int $milliseconds): array
    {
        $process = proc_open(
            [
                PHP_BINARY, __DIR__.'/killing/reader.php', config()->string('database.connections.sqlite.database'),
                ...$files,
            ],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        self::assertSame("ready\n", fgets($pipes[1]));
        usleep($milliseconds * 1000);
        proc_terminate($process, 9);
        preg_match_all('/^entry ([1-9]\d*)$/m', (string) stream_get_contents($pipes[1]), $said);
        proc_close($process);

        return array_map(intval(...), $said[1]);
    }
}
