<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Setup;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Ground\Pictures\MakeSizes;
use Vestibra\Tests\App\TestCase;

/** A shop is updated while work waits in its queue. */
final class EarlierNamesTest extends TestCase
{
    public function test_work_that_was_queued_before_an_update_is_done_after_it(): void
    {
        config(['queue.default' => 'database']);
        Queue::connection('database')->push(new MakeSizes(999_999));
        $payload = (string) DB::table('jobs')->value('payload');
        $earlier = str_replace(
            ['Vestibra\\\\App\\\\Ground\\\\Pictures\\\\MakeSizes', 'O:38:', 's:49:'],
            ['Vestibra\\\\App\\\\Jobs\\\\MakeSizes', 'O:27:', 's:38:'],
            $payload,
        );
        self::assertNotSame($payload, $earlier);
        DB::table('jobs')->update(['payload' => $earlier]);
        self::assertSame(
            0,
            $this->app
                ->make(Kernel::class)
                ->call('queue:work', ['connection' => 'database', '--once' => true, '--tries' => 1, '--quiet' => true]),
        );
        self::assertSame(0, DB::table('jobs')->count());
        self::assertSame([], DB::table('failed_jobs')->pluck('exception')->all());
        foreach (['FitTemplate', 'RefreshFilters', 'RewordCategories', 'RunDueProducts', 'RunDueReleases'] as $job) {
            self::assertTrue(class_exists("Vestibra\\App\\Jobs\\$job"), $job);
        }
    }
}
