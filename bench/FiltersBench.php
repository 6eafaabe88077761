<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Vestibra\App\Lists\Filters\FilterPacks;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Bench\Opponents\NarrowedByHand;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;
use Vestibra\Core\Selling\Filters\Choices;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\Filters\Packed\PackedNarrowing;

/**
 * Eight filters with all counts over all products, choices drawn from a seed: against SQL by hand, as a page, and what
 * keeping them fast costs.
 */
final class FiltersBench
{
    private const LIMIT = 800;

    private const AGAIN = 100;

    private const COLD = [1_000 => 100, 10_000 => 100, 100_000 => 800];

    private const ROUNDS = 15;

    /** @return list<array<string, mixed>> */
    public function run(int $size, int $seed): array
    {
        mt_srand($seed);
        $of = [
            'one' => $this->widest('options', 0),
            'two' => $this->widest('options', 1),
            'fact' => (int) DB::scalar(
                "select v.fact_id from fact_values v join facts f on f.id = v.fact_id where f.kind in ('choice', "
                    ."'text', 'list') group by v.fact_id order by count(*) desc limit 1",
            ),
        ];
        $packs = app(FilterPacks::class);
        $packs->refresh();
        $asked = array_map(fn (): array => $this->drawn($of), range(1, self::ROUNDS + 1));
        $byHand = new NarrowedByHand($of);
        $at = ['ours' => 0, 'theirs' => 0];
        $samples = Timing::both(
            function () use (&$at, $asked, $of, $packs): void {
                $this->ours($packs, $asked[$at['ours']++ % count($asked)], $of);
            },
            static function () use (&$at, $asked, $byHand): void {
                $byHand->counts($asked[$at['theirs']++ % count($asked)]);
            },
            self::ROUNDS,
        );
        foreach ($asked as $one) {
            $this->same($this->ours($packs, $one, $of), $byHand->counts($one));
        }
        [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
        $page = $this->page($of);

        return [
            [
                'what' => 'eight filters with all counts, both sides prepared',
                'products' => $size,
                'ratio' => round($ours / $theirs, 2),
                'goal' => 'at most 1.2',
                'ours' => round($ours, 1),
                'theirs' => round($theirs, 1),
                'samples' => $samples,
            ],
            Timing::limited(
                'the page with them, choices drawn',
                $size,
                self::COLD[$size] ?? self::LIMIT,
                function () use ($page, $asked, $of): void {
                    $this->get($page.$this->address($asked[mt_rand(0, self::ROUNDS)], $of));
                },
            ),
            Timing::limited('the page with them, asked before', $size, self::AGAIN, fn () => $this->get($page
                .$this->address($asked[0], $of))),
            ...$this->costs($packs, $asked[0], $of, $size),
        ];
    }

    /**
     * What keeping them fast costs.
     *
     * @param  array<string, mixed>  $asked
     * @param  array{one: int, two: int, fact: int}  $of
     * @return list<array<string, mixed>>
     */
    private function costs(FilterPacks $packs, array $asked, array $of, int $size): array
    {
        return [
            $this->cost(
                'a price written, and the next answer',
                $size,
                static fn () =>
                    DB::update('update variants set price = price + 1 where id = (select max(id) from variants)'),
                fn () => $this->ours($packs, $asked, $of),
            ),
            $this->cost(
                '1,000 prices written, and the next answer',
                $size,
                static fn () => DB::update(
                    'update variants set price = price + 1 where id in (select id from variants order by (id * 7919) '
                        .'% 10007 limit 1000)',
                ),
                fn () => $this->ours($packs, $asked, $of),
            ),
            $this->cost(
                'all packed anew',
                $size,
                static fn () => DB::insert(
                    'insert into filter_stale select id from products where id not in (select product_id from '
                        .'filter_stale)',
                ),
                static fn () => $packs->refresh(),
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $asked
     * @param  array{one: int, two: int, fact: int}  $of
     * @return array<string, array<int, int>>
     */
    private function ours(FilterPacks $packs, array $asked, array $of): array
    {
        $filters = [
            'brand' => Filter::ofProducts('brand'), 'tag' => Filter::ofProducts('tag'),
            'category' => Filter::ofProducts('category'), 'rating' => Filter::ofProducts('rating'),
            'fact' => Filter::ofProducts("fact.{$of['fact']}"), 'one' => Filter::ofVariants("option.{$of['one']}"),
            'two' => Filter::ofVariants("option.{$of['two']}"), 'price' => Filter::rangeOfVariants('price'),
        ];
        $choices = Choices::none();
        foreach ($filters as $name => $filter) {
            $values = $name === 'rating' ? array_filter([$asked['rating']]) : $asked[$name];
            $choices = match (true) {
                $name === 'price' => $values === null ? $choices : $choices->between('price', ...$values),
                default => $choices->with($filter->key, $values),
            };
        }
        $tree = app(Categories::class)->tree();
        $read = (static function () use ($packs, $filters, $tree): iterable {
            foreach ($packs->read(
                array_map(static fn (Filter $filter): string => $filter->key, array_values($filters)),
            ) as $number => [$pack, $list]) {
                $lifted = [];
                foreach ($pack->values['category'] ?? [] as $category => $bits) {
                    foreach ($tree->upwards([$category]) as $above) {
                        $lifted[$above] = ($lifted[$above] ?? '') | $bits;
                    }
                }
                yield $number => [$pack->with(['category' => $lifted]), $list];
            }
        })();
        $counts = (new PackedNarrowing(array_values($filters), $choices))->of($read)->counts;

        return array_map(
            static fn (Filter $filter): array => $counts[$filter->key] ?? [],
            array_diff_key($filters, ['price' => true]),
        );
    }

    /**
     * @param  array<string, array<int, int>>  $ours
     * @param  array<string, array<int, int>>  $theirs
     */
    private function same(array $ours, array $theirs): void
    {
        foreach ($theirs as $filter => $counts) {
            ksort($counts);
            $mine = array_filter($ours[$filter]);
            ksort($mine);
            $mine == $counts || throw new RuntimeException("The counts of $filter differ.");
        }
    }

    /** @param  array{one: int, two: int, fact: int}  $of
     * @return array{brand: list<int>, tag: list<int>, category: list<int>, rating: int, one: list<int>, two: list<int>,
     *     fact: list<int>, price: array{int, int}|null}
     */
    private function drawn(array $of): array
    {
        $some = static function (string $sql): array {
            $ids = array_column(DB::select($sql), 'id');

            return $ids === [] || mt_rand(0, 2) > 0 ? [] : array_values(array_unique(
                array_map(static fn (): int => $ids[mt_rand(0, count($ids) - 1)], range(1, mt_rand(1, 3))),
            ));
        };

        return [
            'brand' => $some('select id from brands'), 'tag' => $some('select id from tags'),
            'category' => $some('select id from categories'),
            'rating' => mt_rand(0, 2) > 0 ? 0 : mt_rand(1, 4),
            'one' => $some("select id from option_values where option_id = {$of['one']}"),
            'two' => $some("select id from option_values where option_id = {$of['two']}"),
            'fact' => $some("select id from filter_words where fact_id = {$of['fact']}"),
            'price' => mt_rand(0, 2) > 0 ? null : [mt_rand(200, 1_500), mt_rand(1_500, 6_000)],
        ];
    }

    private function widest(string $table, int $at): int
    {
        return (int) DB::scalar(
            "select option_id from variant_values group by option_id order by count(*) desc limit 1 offset $at",
        );
    }

    /** @param  array{one: int, two: int, fact: int}  $of */
    private function page(array $of): string
    {
        $owner = User::query()->firstOrFail();
        $template = app(Templates::class)
            ->fromStart('All products, with filters', 'beside', $owner, PageKind::AllProducts)
            ?? throw new RuntimeException('There is no such start.');
        $find = static function (array $node) use (&$find): ?string {
            foreach ($node['children'] ?? [] as $child) {
                $found = $child['kind'] === 'filters' ? $child['id'] : $find($child);
                if ($found !== null) {
                    return $found;
                }
            }

            return null;
        };
        foreach ([
            ['tag', null], ['fact', $of['fact']], ['option', $of['one']], ['option', $of['two']],
        ] as $number => [$by, $id]) {
            app(Drafting::class)->apply($template->id, $owner, [[
                'edit' => 'insert',
                'parent' => (string) $find($template->draft_tree['page']),
                'after' => null,
                'node' => [
                    'id' => "more$number",
                    'kind' => 'filter',
                    'what' => ['by' => $by] + ($id === null ? [] : [$by => $id]),
                ],
            ]]);
        }
        app(Drafting::class)->apply($template->id, $owner, [[
            'edit' => 'reach',
            'reach' => ['format' => 2, 'show' => [[]], 'keepOff' => [], 'season' => [], 'goesFirst' => true],
        ]]);
        app(Releases::class)->make(Changes::of(TemplateDeed::publish($template->refresh())), $owner, 'Measured');

        return '/all';
    }

    /** @param  array{one: int, two: int, fact: int}  $of
     * @param  array<string, mixed>  $asked */
    private function address(array $asked, array $of): string
    {
        $query = array_filter([
            'brand' => implode('.', $asked['brand']), 'tag' => implode('.', $asked['tag']),
            'category' => implode('.', $asked['category']), 'rating' => $asked['rating'] ?: '',
            "x-f{$of['fact']}" => implode('.', $asked['fact']), "x-o{$of['one']}" => implode('.', $asked['one']),
            "x-o{$of['two']}" => implode('.', $asked['two']),
            'price' => $asked['price'] === null ? '' : ($asked['price'][0] / 100).'-'.($asked['price'][1] / 100),
        ]);

        return $query === [] ? '' : '?'.http_build_query($query);
    }

    /**
     * @param  callable(): mixed  $write
     * @param  callable(): mixed  $then
     * @return array<string, mixed>
     */
    private function cost(string $what, int $size, callable $write, callable $then): array
    {
        $samples = [];
        for ($round = 0; $round < 3; $round++) {
            $samples[] = Timing::once($write) + Timing::once($then);
        }

        return [
            'what' => $what,
            'products' => $size,
            'ratio' => '–',
            'goal' => 'shown',
            'ours' => round(Timing::median($samples), 1),
            'samples' => $samples,
        ];
    }

    private function get(string $address): void
    {
        app()->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $answer = app(Kernel::class)->handle(Request::create($address));
        $answer->getStatusCode() === 200 || throw new RuntimeException("$address answers {$answer->getStatusCode()}.");
    }
}
