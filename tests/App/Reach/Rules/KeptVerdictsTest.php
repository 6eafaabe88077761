<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\ClaimedPages;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\Sql\ClaimRows;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Reach\Rules\SupposedVerdicts;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Stored\CategoryBounds;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Making\FallbackDeed;
use Vestibra\App\Work\Releases\Making\HandOrderDeed;
use Vestibra\App\Work\Releases\Making\PinsDeed;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Core\Releases\Changes;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Whatever happens to the shop, what is kept of verdicts is what asking every page anew gives. */
final class KeptVerdictsTest extends TestCase
{
    private const START = 1_795_608_000;

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_after_whatever_happened_what_is_kept_is_what_counting_anew_gives(Chance $chance): void
    {
        $this->travelTo('@'.self::START);
        $this->actingAs($this->owner);
        // In memory and in the database by turns.
        $few = [0, 5, 200][$chance->seed % 3];
        $this->app->scoped(ClaimedPages::class, fn (): ClaimedPages => new ClaimedPages(
            $this->app->make(ProductReader::class),
            $few,
        ));
        $templates = [];
        for ($number = 1; $number <= 5; $number++) {
            $templates[] = $template = $this->template("T$number");
            $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
            $chance->oneIn(3) || $this->publish($template);
        }
        $at = self::START;
        for ($step = 1; $step <= 25; $step++) {
            $happened = [];
            for ($more = $chance->number(1, 3); $more > 0; $more--) {
                $happened[] = $this->something($chance, $templates, $at, "$step-$more");
            }
            $this->anew();
            // The worker comes when it comes.
            $chance->oneIn(3) && $this->app->make(KeepingVerdicts::class)->bringUp();
            $words = "seed $chance->seed, step $step: ".implode(', ', $happened);

            self::assertSame($this->counted(), $this->kept(), $words);
            self::assertSame($this->countedCollections(), $this->keptCollections(), $words);
            $this->assertPreviewed($chance, $templates, $words);
        }
        $this->app->make(KeepingVerdicts::class)->bringUp();
        self::assertSame(0, DB::table('stale_verdicts')->count());
        self::assertSame($this->winners(), $this->keptWinners());
        $this->app->make(KeepingVerdicts::class)->rebuild();
        self::assertSame($this->counted(), $this->kept());
        self::assertSame($this->winners(), $this->keptWinners());
    }

    /** @return iterable<string, array{list<mixed>, string, array<string, mixed>}> a condition; a table, what changes */
    public static function changes(): iterable
    {
        $brand = ['brand', 'isOneOf', [1]];
        yield 'a brand' => [$brand, 'products', ['brand_id' => 1]];
        yield 'shown again' => [['product', 'isOneOf', [8]], 'products', ['published' => true]];
        yield 'reviews' => [['rating', 'hasReviews', []], 'products', ['review_count' => 3, 'star_sum' => 9]];
        yield 'stars' => [['rating', 'atLeast', [45]], 'products', ['star_sum' => 500]];
        yield 'since when' => [['added', 'withinDays', [2]], 'products', ['added_at' => '2026-11-25 11:00:00']];
        yield 'a price' => [['price', 'atMost', [1]], 'variants', ['price' => 1]];
        yield 'a sale' => [['sale', 'isOn', []], 'variants', ['sale_price' => 1, 'sale_from' => null]];
        yield 'stock' => [['stock', 'isIn', []], 'variants', ['stock' => 5]];
        yield 'a variant' => [['stock', 'isIn', []], 'variants', ['stock' => null, 'published' => true]];
        yield 'a category' => [['category', 'isExactly', [1]], 'category_product', ['category_id' => 1]];
        yield 'a collection' => [
            ['collection', 'isIn', [1]], 'collection_product', ['collection_id' => 1, 'position' => 99],
        ];
        yield 'a tag' => [['tag', 'hasAnyOf', [1]], 'product_tag', ['tag_id' => 1]];
    }

    /**
     * @param  list<mixed>  $condition
     * @param  array<string, mixed>  $change
     */
    #[DataProvider('changes')]
    public function test_whatever_a_rule_looks_at_makes_a_product_stale(
        array $condition,
        string $table,
        array $change,
    ): void {
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        DB::table('products')->where('id', 8)->update([
            'brand_id' => 2, 'review_count' => 0, 'star_sum' => 0, 'picture_count' => 0, 'variant_count' => 0,
            'added_at' => '2026-01-01 00:00:00',
            'published' => ! isset($change['published']) || $table !== 'products',
        ]);
        $condition[1] === 'atLeast' && $condition[0] === 'rating' && DB::table('products')->where('id', 8)
            ->update(['review_count' => 100]);
        DB::table('variants')->where('product_id', 8)->update(['stock' => 0, 'price' => 500, 'sale_price' => null]);
        foreach (['category_product', 'collection_product', 'product_tag'] as $links) {
            DB::table($links)->where('product_id', 8)->delete();
        }
        $template = $this->template('Of one kind');
        $this->edit($template, $this->reach([$condition]));
        $this->publish($template);
        $before = $this->kept();
        self::assertSame(0, DB::table('stale_verdicts')->count());
        $product = DB::table($table)->where($table === 'products' ? 'id' : 'product_id', 8);
        str_contains($table, '_') ? $product->insert(['product_id' => 8] + $change) : $product->update($change);
        $after = $this->kept();

        self::assertSame($before[$template->id][0] + 1, $after[$template->id][0]);
        self::assertSame($this->counted(), $after);
        self::assertSame(1, DB::table('stale_verdicts')->count());
    }

    public function test_within_a_request_only_the_same_question_has_the_same_answer(): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $template = $this->template('Inks')->id;
        $inks = $this->id('categories', 'Bottled inks');
        $this->kept();
        $counts = $this->app->make(ReachCounts::class);
        $covers = fn (string $field, int $id): int => $counts->numbers(
            PageKind::Product,
            $template,
            $this->app->make(KindRulesReader::class)->stored($this->reach([
                [$field, $field === 'brand' ? 'isOneOf' : 'isIn', [$id]],
            ])['reach'], PageKind::Product),
        )['covers'];
        $ofBrand = $covers('brand', 1);

        self::assertNotSame(23, $ofBrand);
        self::assertSame([23, $ofBrand, 23], [
            $covers('category', $inks), $covers('brand', 1), $covers('category', $inks),
        ]);
        $reach = $this->app->make(KindRulesReader::class)
            ->stored($this->reach([['category', 'isIn', [$inks]]])['reach'], PageKind::Product);
        $first = static fn (): array => array_column(
            $counts->preview(PageKind::Product, $template, $reach)['pages'],
            'id',
        );
        $pages = $first();
        DB::table('category_product')->where('product_id', $pages[0])->delete();
        self::assertSame(22, $covers('category', $inks));
        self::assertSame(array_slice($pages, 1), array_slice($first(), 0, count($pages) - 1));
    }

    public function test_whether_a_template_would_be_shown_goes_by_what_would_be_so(): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $template = $this->template('One');
        $other = $this->template('Other');
        $this->edit($template, $this->reach([['product', 'isOneOf', [8]]]));
        $this->publish($template);
        $first = $this->reach([['brand', 'isOneOf', [2]]]);
        $first['reach']['goesFirst'] = true;
        $this->edit($other, $first);
        $this->publish($other);
        DB::table('products')->where('id', 8)->update(['brand_id' => 1]);
        $this->kept();
        $counts = $this->app->make(ReachCounts::class);
        $is = fn (WhatIf $supposed): bool => $counts->isShown(PageKind::Product, $template->id, $supposed);

        self::assertTrue($is(new WhatIf));
        self::assertFalse($is((new WhatIf)->withPins(['product/8' => $other->id])));
        self::assertFalse($is((new WhatIf)->without($template->id)));
        // Another one claims it since it was kept.
        DB::table('products')->where('id', 8)->update(['brand_id' => 2]);
        $this->anew();
        $counts = $this->app->make(ReachCounts::class);
        self::assertFalse($is(new WhatIf));
    }

    public function test_a_product_that_a_variant_left_is_stale_too_and_what_lies_beneath_a_moved_category(): void
    {
        $this->kept();
        DB::table('variants')->where('product_id', 8)->limit(1)->update(['product_id' => 9]);
        self::assertSame([8, 9], DB::table('stale_verdicts')->orderBy('product_id')->pluck('product_id')->all());
        $this->app->make(KeepingVerdicts::class)->bringUp();
        $category = DB::table('categories')->whereNotNull('parent_id')->whereRaw('upper > lower')->first();
        self::assertNotNull($category);
        $beneath = DB::table('category_product')->whereIn('category_id', DB::table('categories')
            ->whereBetween('lower', [$category->lower, $category->upper])
            ->pluck('id'))->distinct()->orderBy('product_id')->pluck('product_id')->all();
        DB::table('categories')->where('id', $category->id)->update(['parent_id' => null]);

        self::assertGreaterThan(1, count($beneath));
        self::assertSame($beneath, DB::table('stale_verdicts')->orderBy('product_id')->pluck('product_id')->all());
    }

    public function test_a_shop_with_very_much_that_changed_is_kept_anew_in_the_background(): void
    {
        $this->kept();
        Queue::fake();
        DB::table('variants')->where('product_id', '<=', 20)->update(['stock' => 3]);
        $this->kept();
        Queue::assertNothingPushed();
        DB::table('variants')->where('product_id', '<=', 21)->update(['stock' => 4]);
        Cache::flush();
        $this->app->make(KeptVerdicts::class)->numbers();
        $this->app->make(KeptVerdicts::class)->numbers();

        Queue::assertCount(1);
        self::assertSame(21, DB::table('stale_verdicts')->count(), 'Who asks does not write for products alone.');
    }

    public function test_while_somebody_else_keeps_all_anew_it_is_counted(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template('Inks');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($template);
        DB::table('kept_state')->delete();
        DB::table('kept_verdicts')->delete();
        $lock = Cache::lock('all verdicts are kept anew', 60);
        self::assertTrue($lock->get());
        $this->app->make(KeepingVerdicts::class)->bringUp();
        $this->anew();

        self::assertNull($this->app->make(KeptVerdicts::class)->numbers());
        $counts = $this->app->make(ReachCounts::class)->live(PageKind::Product)[$template->id];
        self::assertSame([23, 23], [$counts['covers'], $counts['shownOn']]);
        $lock->release();
        self::assertSame($this->counted(), $this->kept());
    }

    public function test_one_that_walks_the_shop_on_another_day_is_answered_by_counting(): void
    {
        $this->app->make(ShopClock::class)->moveTo(new DateTimeImmutable('2026-12-24 12:00 UTC'));

        self::assertNull($this->app->make(KeptVerdicts::class)->numbers());
        self::assertSame(0, DB::table('kept_state')->count());
    }

    /**
     * @param  list<Template>  $templates
     */
    private function something(Chance $chance, array $templates, int &$at, string $step): string
    {
        $id = $chance->number(1, 110);
        $product = DB::table('products')->where('id', $id);
        $what = $chance->pick([
            'price', 'stock', 'sale', 'hidden', 'shown', 'brand', 'tag', 'category', 'collection', 'fact',
            'deleted', 'many', 'time', 'much time', 'pin', 'pin', 'pin', 'unpin', 'pin by release', 'publish',
            'publish', 'publish', 'off', 'fallback', 'order', 'killed', 'category moved', 'new tag',
            'option value', 'added', 'added', 'added', 'time', 'time', 'variant moved', 'review', 'rule', 'rule',
            'description', 'variant hidden',
        ]);
        $left = (int) DB::table('variants')->where('id', $id)->value('product_id');
        match ($what) {
            'price' => DB::table('variants')->where('product_id', $id)->update([
                'price' => $chance->number(1, 9) * 100,
            ]),
            'stock' => DB::table('variants')->where('product_id', $id)->update(['stock' => $chance->number(-1, 9)]),
            'sale' => DB::table('variants')->where('product_id', $id)->update([
                'sale_price' => 1,
                'sale_from' => $this->moment($at + $chance->number(-5, 5) * 86_400),
                'sale_until' => $this->moment($at + $chance->number(6, 9) * 86_400),
            ]),
            'hidden' => $product->update(['published' => false]),
            'shown' => $product->update(['published' => true]),
            'brand' => $product->update(['brand_id' => $chance->pick([null, 1, 2, 3])]),
            'tag' => DB::table('product_tag')->where('product_id', $id)->delete(),
            'category' => DB::table('category_product')->where('product_id', $id)->limit(1)->delete(),
            'collection' => $product->exists() && DB::table('collection_product')->insertOrIgnore([
                'collection_id' => DB::table('collections')->whereNull('rule')->min('id'), 'product_id' => $id,
                'position' => 99,
            ]),
            'fact' => DB::table('fact_values')->where('product_id', $id)->delete(),
            'deleted' => $product->delete(),
            'many' => DB::table('variants')->where('product_id', '<', $id)->update(['stock' => $chance->number(0, 9)]),
            'time' => $this->travelTo('@'.$at += $chance->pick([1, 86_400, 3_600])),
            'much time' => $this->travelTo('@'.$at += $chance->number(90_000, 2_000_000)),
            'pin' => DB::table('pins')->upsert([
                'page_kind' => 'product', 'subject_id' => $id, 'template_id' => $chance->pick($templates)->id,
            ], ['page_kind', 'subject_id'], ['template_id']),
            'unpin' => DB::table('pins')->where('page_kind', 'product')->limit(2)->delete(),
            'pin by release' => $this->release(PinsDeed::to(["product/$id" => $chance->pick($templates)->id])),
            'publish' => $this->published($chance, $chance->pick($templates)),
            'off' => $this->takenOff($chance->pick($templates)->id),
            'fallback' => $this->made($chance->pick($templates)->id),
            'order' => $this->release(
                HandOrderDeed::to('product', $chance->some(HandOrderDeed::current('product'), 9)),
            ),
            'killed' => $this->killed($id),
            'category moved' => $this->moved($chance),
            'new tag' => DB::table('tags')->insert([
                'name' => "New $step", 'name_folded' => "new $step", 'slug' => "new-$step-{$chance->number(1, 999)}",
            ]),
            'option value' => DB::table('variant_values')->where('variant_id', $id)->delete(),
            'added' => $product->update([
                'added_at' => $this->moment($at - $chance->pick([0, 1, 2, 5]) * 86_400 + $chance->pick([0, 1, 3_600])),
            ]),
            'rule' => DB::table('collections')->where('id', $chance->number(8, 12))->update([
                'rule' => $this->rule($chance),
            ]),
            'description' => $product->update(['description' => $chance->pick(['', '<p>Words.</p>', '<hr>'])]),
            'variant hidden' => DB::table('variants')->where('product_id', $id)->limit(1)
                ->update(['published' => false]),
            'review' => DB::table('reviews')->where('product_id', $id)->delete(),
            'variant moved' => DB::table('variants')->where('id', $id)->update([
                'product_id' => DB::table('products')->min('id'),
            ]),
        };
        // As saving does: what is kept beside a product follows what hangs on it.
        match ($what) {
            'review', 'description', 'variant hidden' => ProductIndex::refresh($id),
            'variant moved' => ProductIndex::refresh($left, (int) DB::table('products')->min('id')),
            default => null,
        };

        return "$what $id";
    }

    /** @return string|null of a collection; null: it is picked by hand */
    private function rule(Chance $chance): ?string
    {
        return $chance->oneIn(4) ? null : json_encode(['show' => [[[
            'field' => 'stock', 'comparison' => 'atMost', 'values' => [$chance->number(0, 9)],
        ], ...($chance->oneIn(2) ? [] : [['field' => 'sale', 'comparison' => 'isOn', 'values' => []]])]],
            'format' => 2, 'keepOff' => []], JSON_THROW_ON_ERROR);
    }

    private function published(Chance $chance, Template $template): void
    {
        $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
        $this->release(TemplateDeed::publish(Template::query()->findOrFail($template->id)));
    }

    private function takenOff(int $id): void
    {
        $template = Template::query()->findOrFail($id);
        $template->isLive() && $this->release(TemplateDeed::takeOff($template));
    }

    private function made(int $id): void
    {
        $template = Template::query()->findOrFail($id);
        $template->isLive() && $this->release(FallbackDeed::to($template));
    }

    private function release(\Vestibra\Core\Releases\ReleaseChange $change): void
    {
        $changes = Changes::of($change);
        Deeds::problems($changes) === []
            && $this->app->make(Releases::class)->make($changes, $this->owner, '');
        $this->anew();
    }

    /** A worker that keeps all anew ends on the way. */
    private function killed(int $id): void
    {
        DB::table('kept_state')->delete();
        DB::table('kept_verdicts')->where('product_id', '>', $id)->delete();
    }

    private function moved(Chance $chance): void
    {
        $category = $chance->pick(DB::table('categories')->whereNotNull('parent_id')->pluck('id')->all());
        $root = $chance->pick(DB::table('categories')->whereNull('parent_id')->pluck('id')->all());
        DB::table('categories')->where('id', $category)->update(['parent_id' => $root]);
        CategoryBounds::refresh();
    }

    private function moment(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }

    /** @return array<int, array{int, int, int}> covers, shown on and won, by template */
    private function kept(): array
    {
        $this->anew();
        Cache::flush();
        $numbers = $this->app->make(KeptVerdicts::class)->numbers();
        self::assertNotNull($numbers);
        $live = $this->app->make(KindRulesReader::class)->live(PageKind::Product);
        $kept = [];
        foreach ($live->candidates as $candidate) {
            $kept[$candidate->templateId] = $numbers[$candidate->templateId] ?? [0, 0, 0];
        }

        return $kept;
    }

    /** @return array<int, array{int, int, int}> */
    private function counted(): array
    {
        $this->anew();
        $contest = $this->app->make(KindRulesReader::class)->live(PageKind::Product);
        $covers = $counted = [];
        foreach ($contest->candidates as $candidate) {
            $covers[$candidate->templateId] = $contest->sql()->covers($candidate->reach);
        }
        foreach (array_column(ReachRows::several($contest, $covers), null, 'id') as $id => $row) {
            $counted[$id] = [$row->covers, $row->shown_on, $row->won];
        }

        return array_replace(array_fill_keys(array_keys($covers), [0, 0, 0]), $counted);
    }

    /** @return array<int, int> products that customers see, by collection */
    private function keptCollections(): array
    {
        $this->anew();
        $numbers = $this->app->make(KeptVerdicts::class)->inCollections();
        self::assertNotNull($numbers);
        $kept = [];
        foreach ($this->app->make(KindRulesReader::class)->live(PageKind::Product)->collections->reaches as $id => $_) {
            $kept[$id] = $numbers[$id] ?? 0;
        }

        return $kept;
    }

    /** @return array<int, int> by asking every product in memory */
    private function countedCollections(): array
    {
        $contest = $this->app->make(KindRulesReader::class)->live(PageKind::Product);
        $counted = array_fill_keys(array_keys($contest->collections->reaches), 0);
        $ids = DB::table('products')->where('published', true)->pluck('id')->all();
        foreach ($this->app->make(ProductReader::class)->several($ids) as $product) {
            $features = $contest->collections->judge($contest->pages->features($product));
            foreach (array_keys($counted) as $id) {
                $counted[$id] += (int) $features->has(Aspect::Collection, $id);
            }
        }

        return $counted;
    }

    /** @return array<int, int> page => template */
    private function winners(): array
    {
        $contest = $this->app->make(KindRulesReader::class)->live(PageKind::Product);
        $sql = WinnersSql::of($contest);
        $winners = array_column(DB::select($sql->text, $sql->bindings), 'template_id', 'page_id');
        ksort($winners);

        return array_map(intval(...), $winners);
    }

    /** @return array<int, int> */
    private function keptWinners(): array
    {
        return array_map(intval(...), DB::table('kept_verdicts')
            ->orderBy('product_id')
            ->pluck('template_id', 'product_id')
            ->all());
    }

    /**
     * What would be if a template had other rules, as counting says it too.
     *
     * @param  list<Template>  $templates
     */
    private function assertPreviewed(Chance $chance, array $templates, string $words): void
    {
        $this->anew();
        $reader = $this->app->make(KindRulesReader::class);
        $template = $chance->pick($templates)->id;
        $live = Template::query()->findOrFail($template)->live_reach;
        $reach = $reader->stored(
            $live !== null && $chance->oneIn(3) ? $live : AnyReach::drawn($chance),
            PageKind::Product,
        );
        $then = $reader->all(PageKind::Product, (new WhatIf)->withReach($template, $reach));
        $candidate = $then->candidate($template);
        self::assertNotNull($candidate);
        $this->assertSplit($then, $template, "$words; T$template with other rules");
        $later = $chance->pick([1, 3_600, 86_400, 1_000_000]);
        $this->assertSplit($then->at($then->at + $later), $template, "$words; T$template $later s later");
        $covers = $then->sql()->covers($candidate->reach);
        $claims = $this->app->make(SupposedVerdicts::class)->claims($then, $candidate) ?? [];
        $asked = ClaimRows::of($then, $candidate);
        ksort($claims);
        ksort($asked);
        self::assertSame($asked, $claims, $words);
        $counts = $this->app->make(ReachCounts::class);
        $with = (new WhatIf)->withReach($template, $reach);
        self::assertSame(
            $counts->shownOn(PageKind::Product, $template, $with) > 0,
            $counts->isShown(PageKind::Product, $template, $with),
            $words,
        );
        self::assertSame(
            array_diff_key($counts->preview(PageKind::Product, $template, $reach), ['pages' => true]),
            $counts->numbers(PageKind::Product, $template, $reach),
            $words,
        );
        if ($then->at >= ($candidate->reach->season->from ?? 0)) {
            self::assertSame(
                (int) ReachRows::hidden($then, $covers),
                $counts->numbers(PageKind::Product, $template, $reach)['hidden'],
                'Asked of each page by itself, or of all at once.',
            );
        }
        $known = $this->app->make(SupposedVerdicts::class)->known($candidate->reach);
        if ($known !== null) {
            sort($known);
            self::assertSame(array_keys($asked), $known, $words);
        }
        foreach ([1, 2, 5] as $page) {
            $rows = array_column(ReachRows::page($then, $covers, $page), 'id');
            self::assertSame($rows, ReachRows::among($then, $claims, $page), 'Few are put in order.');
            self::assertSame($rows, ReachRows::among($then, $claims, $page, 0), 'Of many the order is walked.');
        }
    }

    private function assertSplit(KindRules $then, int $template, string $words): void
    {
        $candidate = $then->candidate($template);
        self::assertNotNull($candidate);
        $split = $this->app->make(SupposedVerdicts::class)->split($then, $candidate);
        $covers = $then->sql()->covers($candidate->reach);
        $counted = [];
        foreach (ReachRows::split($then, $covers, WinnersSql::of($then)) as $row) {
            if ($row->covered || $row->template_id === $template) {
                $counted["$row->template_id/$row->covered"] = $row->count;
            }
        }
        $said = [];
        foreach ($split ?? [] as $row) {
            $said["$row->template_id/$row->covered"] = $row->count;
        }
        ksort($counted);
        ksort($said);

        self::assertSame($counted, $said, $words);
    }
}
