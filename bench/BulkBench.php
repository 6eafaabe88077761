<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Bulk\LayoutDeed;
use Vestibra\App\Work\Bulk\LayoutDeeds;
use Vestibra\App\Work\Bulk\LayoutPlan;
use Vestibra\App\Work\Bulk\LayoutWork;
use Vestibra\App\Work\Bulk\OutOfTheWay;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\FoundRows;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\App\Work\Finding\Selections;
use Vestibra\App\Work\Finding\ShortRule;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;

/**
 * What an owner waits for who works with thousands, while somebody buys. Ratios are to the limits that were set for
 * 100,000 products; each long one is done once.
 */
final class BulkBench
{
    /** @return list<array<string, mixed>> */
    public function run(int $size): array
    {
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--quiet' => true]);
        $user = User::query()->firstOrFail();

        return [...$this->lists($size), ...$this->layout($size, $user), ...$this->files($size, $user)];
    }

    /** @return list<array<string, mixed>> */
    private function lists(int $size): array
    {
        $brand = (int) DB::table('products')->whereNotNull('brand_id')->value('brand_id');
        $filters = [
            'all' => new PageFilter(PageKind::Product),
            'words' => new PageFilter(PageKind::Product, words: 'ink amber'),
            'a brand on sale' => new PageFilter(PageKind::Product, conditions: [
                new Condition('brand', 'isOneOf', [$brand]), new Condition('sale', 'isOn'),
            ]),
            'on the fallback' => new PageFilter(PageKind::Product, step: 'fallback'),
            'by template' => new PageFilter(PageKind::Product, sort: 'template'),
        ];
        $rows = [];
        foreach ($filters as $name => $filter) {
            foreach (['first rows' => [0, 200], 'from the middle' => [intdiv($size, 3), 100]] as $what => [$from,
                $limit]) {
                $rows[] = Timing::limited("list, $name: $what", $size, $limit, static function () use ($filter,
                    $from): void {
                    [$ids] = app(FoundPages::class)->page($filter, $from, 50);
                    app(FoundRows::class)->of(PageKind::Product, $ids);
                });
            }
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private function layout(int $size, User $user): array
    {
        $selections = app(Selections::class);
        $selection = $selections->all($selections->of($user, PageKind::Product), new PageFilter(PageKind::Product),
            true);
        $template = Template::query()->where('page_kind', 'product')->whereNotNull('live_revision')
            ->latest('id')
            ->firstOrFail();
        $plan = app(LayoutDeeds::class)->plan(
            LayoutDeed::Pin,
            PageKind::Product,
            $selections->pages($selection),
            $template,
            [],
            OutOfTheWay::nothing(),
        );
        $plan instanceof LayoutPlan || throw new RuntimeException('It could not be planned.');
        $release = null;
        $rows = [self::once('all products pinned', $size, 10_000, static function () use ($plan, $user,
            &$release): void {
            $release = app(LayoutWork::class)->make($plan, $user);
        })];
        $release instanceof Release || throw new RuntimeException('It was not made.');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--quiet' => true]);
        $rows[] = self::once('set free again', $size, 10_000, static function () use ($release, $user): void {
            app(Releases::class)->bringBack($release->id, $user);
        });
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--quiet' => true]);
        $brand = new Condition('brand', 'isOneOf', [
            (int) DB::table('products')->whereNotNull('brand_id')->max('brand_id'),
        ]);
        $tag = new Condition('tag', 'hasAnyOf', [(int) DB::table('product_tag')->max('tag_id')]);
        foreach ([[$brand], [$brand, $tag]] as $conditions) {
            $selections->nothing($selection->refresh());
            $selection = $selections->all($selection->refresh(), new PageFilter(
                PageKind::Product,
                conditions: $conditions,
            ), true);
            $count = number_format($selections->state($selection)['count']);
            $rows[] = self::once('the short rule of '.count($conditions)." for $count products", $size, 2_000,
                static function () use ($selection): void {
                    app(ShortRule::class)->of($selection);
                });
        }
        $selections->nothing($selection->refresh());

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private function files(int $size, User $user): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'rows');
        $rows = [self::once('all variants out', $size, 20_000, static function () use ($path): void {
            app(RowsOut::class)->write($path, true);
        })];
        $list = fopen($path, 'wb') ?: throw new RuntimeException('There is no room for the file.');
        fputcsv($list, ['stock number', 'price', 'stock'], escape: '');
        foreach (DB::table('variants')->orderBy('id')->limit(100_000)->get(['sku', 'price', 'stock']) as $at => $row) {
            fputcsv(
                $list,
                [$row->sku, number_format(($row->price + $at % 40 + 1) / 100, 2, '.', ''), ($row->stock ?? 0) + 1],
                escape: '',
            );
        }
        fclose($list);
        foreach (['tried' => true, 'read in' => false] as $what => $dry) {
            $waited = $this->whileSomebodyBuys(static function () use (&$rows, $what, $dry, $size, $path, $user): void {
                $rows[] = self::once("100,000 rows $what", $size, 20_000, static function () use ($path, $user,
                    $dry): void {
                    app(RowsIn::class)->read($path, $user, new RowWishes(dry: $dry, leaping: true));
                });
            });
            $rows[] = [
                'what' => "longest wait for the cart while they are $what", 'products' => $size,
                'ratio' => round($waited / 1_000, 2), 'goal' => 'under 1000 ms', 'ours' => round($waited, 1),
                'samples' => [],
            ];
        }
        unlink($path);

        return $rows;
    }

    /**
     * @param  callable(): void  $work
     * @return float the longest that a customer waited, in milliseconds
     */
    private function whileSomebodyBuys(callable $work): float
    {
        $folder = sys_get_temp_dir().'/vestibra-buying-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $process = proc_open([
            PHP_BINARY, __DIR__.'/buying.php', config()->string('database.connections.sqlite.database'),
            "$folder/sessions.sqlite", "$folder/ending",
        ], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        is_resource($process) || throw new RuntimeException('Nobody buys.');
        fgets($pipes[1]) === "ready\n" || throw new RuntimeException('Nobody buys.');
        $work();
        touch("$folder/ending");
        $said = (array) json_decode((string) stream_get_contents($pipes[1]), true);
        proc_close($process);
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);

        return is_numeric($said['longest'] ?? null) && $said['bought'] > 0
            ? (float) $said['longest']
            : throw new RuntimeException('Nobody bought.');
    }

    /**
     * @param  callable(): mixed  $work
     * @return array<string, mixed>
     */
    private static function once(string $what, int $size, int $limit, callable $work): array
    {
        app()->forgetScopedInstances();
        $took = Timing::once($work);

        return [
            'what' => $what, 'products' => $size, 'ratio' => round($took / $limit, 2), 'goal' => "under $limit ms",
            'ours' => round($took, 1), 'samples' => [$took],
        ];
    }
}
