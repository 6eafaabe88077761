<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** The process is killed at random moments of editing, publishing and running a waiting release. */
final class KillingTest extends TestCase
{
    private const KILLS = 50;

    public function test_afterwards_everything_is_as_before_or_as_after_and_nothing_acknowledged_is_gone(): void
    {
        $chance = new Chance(11);
        $template = $this->template();
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $price = $this->block($template, 'price');
        $file = config()->string('database.connections.sqlite.database');
        $acknowledged = 0;
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $said = $this->runAndKill([$file, (string) $template->id, $price], $chance->number(1, 120));
            DB::purge();
            self::assertSame('ok', DB::scalar('pragma integrity_check'));
            $this->consistent($template->id, $price, $said);
            $acknowledged += count($said);
        }
        self::assertGreaterThan(self::KILLS, $acknowledged);
    }

    /**
     * @param  list<string>  $arguments
     * @return list<string> what was acknowledged
     */
    private function runAndKill(array $arguments, int $milliseconds): array
    {
        $process = proc_open(
            [PHP_BINARY, __DIR__.'/killing/worker.php', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        self::assertSame("ready\n", fgets($pipes[1]));
        usleep($milliseconds * 1000);
        proc_terminate($process, 9);
        $lines = array_values(array_filter(explode("\n", (string) stream_get_contents($pipes[1]))));
        proc_close($process);

        return $lines;
    }

    /** @param  list<string>  $said */
    private function consistent(int $id, string $price, array $said): void
    {
        $template = Template::query()->findOrFail($id);
        $last = DraftStep::query()->where('template_id', $id)->latest('id')->firstOrFail();
        self::assertSame($template->draft_revision, $last->revision);
        self::assertSame($template->draft_revision - 1, DraftStep::query()->where('template_id', $id)->count());
        if ($last->edits[0]['edit'] === 'set') {
            self::assertSame($last->edits[0]['value'], $this->sizeOf($template->draft_tree['page'], $price));
        }
        $release = Release::query()->where('state', Release::DONE)->latest('id')->first();
        self::assertSame($release?->change_set->toArray()[0]['after']['tree'] ?? null, $template->live_tree);
        foreach ($said as $line) {
            [$what, $number] = explode(' ', $line);
            if ($what === 'edit') {
                self::assertLessThanOrEqual($template->draft_revision, (int) $number);
            } else {
                self::assertSame(Release::DONE, Release::query()->findOrFail((int) $number)->state);
            }
        }
    }

    /** @param  array<string, mixed>  $node */
    private function sizeOf(array $node, string $id): mixed
    {
        if ($node['id'] === $id) {
            return $node['how']['desktop']['size'] ?? null;
        }
        foreach ($node['children'] ?? [] as $child) {
            $found = $this->sizeOf($child, $id);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}
