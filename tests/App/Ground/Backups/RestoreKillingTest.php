<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Backups;

use Illuminate\Support\Facades\DB;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/**
 * Restoring is killed at random moments, while a customer fills a cart: the shop is as before or as after, and of one
 * piece.
 */
final class RestoreKillingTest extends TestCase
{
    use ShopInFolder;

    private const KILLS = 40;

    protected function setUp(): void
    {
        parent::setUp();
        $this->moveIn(120);
    }

    protected function tearDown(): void
    {
        $this->moveOut();
        parent::tearDown();
    }

    public function test_killed_at_many_moments_database_and_files_are_as_before_or_as_after(): void
    {
        $chance = new Chance(8);
        $this->template('The first');
        $states = [$this->everything()];
        $backups = [$this->backup('first.zip')];
        $this->template('The second');
        DB::table('stored_files')->where('name', 'kept-7-400.webp')->delete();
        unlink($this->data->current().'/pictures/kept-7-400.webp');
        $states[] = $this->everything();
        $backups[] = $this->backup('second.zip');
        $variant = (int) DB::table('variants')->whereNull('stock')->orWhere('stock', '>', 5)->value('id');
        DB::purge();

        $customer = $this->begin('customer.php', [(string) $variant]);
        $whole = $this->whole($backups);
        $seen = $moments = [];
        // On a machine that is busy by now, restores take longer than the one that was timed.
        for ($kill = 0; $kill < self::KILLS || (count($seen) < 2 && $kill < 4 * self::KILLS); $kill++) {
            $process = $this->begin('restore.php', $kill % 2 === 0 ? $backups : array_reverse($backups));
            self::assertSame("ready\n", fgets($process['out']));
            $moments[] = $chance->number(0, (int) ((1.5 + intdiv($kill, self::KILLS)) * $whole));
            usleep(end($moments) * 1000);
            proc_terminate($process['process'], 9);
            proc_close($process['process']);
            $now = $this->everything();
            self::assertContains($now, $states, "kill $kill after {$moments[$kill]} ms");
            $seen[$now] = true;
        }
        proc_terminate($customer['process'], 9);
        $answers = array_filter(explode("\n", (string) stream_get_contents($customer['out'])));
        proc_close($customer['process']);

        self::assertCount(2, $seen, 'Both shops came into use.');
        self::assertGreaterThan(50, count($answers));
        self::assertSame(
            [],
            array_values(
                array_filter($answers, static fn (string $answer): bool => preg_match('/^200 \d+$/', $answer) !== 1),
            ),
        );
    }

    /**
     * @param  list<string>  $backups
     * @return float how long one restore takes from beginning to end, in milliseconds
     */
    private function whole(array $backups): float
    {
        $process = $this->begin('restore.php', $backups);
        fgets($process['out']);
        $begin = hrtime(true);
        self::assertSame("done\n", fgets($process['out']));
        $took = (hrtime(true) - $begin) / 1e6;
        proc_terminate($process['process'], 9);
        proc_close($process['process']);

        return $took;
    }

    /**
     * @param  list<string>  $arguments
     * @return array{process: resource, out: resource}
     */
    private function begin(string $script, array $arguments): array
    {
        $environment = [
            'DATA_FOLDER' => $this->root,
            'SESSION_DRIVER' => 'sqlite',
            'SESSIONS_FILE' => "$this->root/sessions.sqlite",
            'CACHE_STORE' => 'array',
            'APP_ENV' => 'testing',
            'SESSION_SECURE_COOKIE' => 'false',
        ];
        $inherited = array_diff_key(getenv(), ['DB_DATABASE' => 1]);
        $process = proc_open(
            [PHP_BINARY, __DIR__."/killing/$script", ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            null,
            $environment + $inherited,
        );
        self::assertIsResource($process);

        return ['process' => $process, 'out' => $pipes[1]];
    }
}
