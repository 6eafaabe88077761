<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Samples;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\SupposedVerdicts;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\Reach\Rules\AnyReach;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** Which pages a template is looked at with, and in which order, is the same for few pages and for many. */
final class SamplesTest extends TestCase
{
    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_of_many_pages_the_kept_order_is_walked_and_gives_what_putting_all_in_order_gives(
        Chance $chance,
    ): void {
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        $template = $this->template('Drawn');
        $this->edit($template, ['edit' => 'reach', 'reach' => AnyReach::drawn($chance)]);
        $this->publish($template);
        $this->app->make(KeepingVerdicts::class)->rebuild();
        $this->app->make(KeptOrders::class)->bringUp();
        Queue::fake();
        for ($step = 1; $step <= 8; $step++) {
            $this->something($chance);
            $this->anew();
            $reader = $this->app->make(KindRulesReader::class);
            $reach = $reader->stored(
                $chance->oneIn(2) ? $template->refresh()->live_reach : AnyReach::drawn($chance),
                PageKind::Product,
            );
            $walked = $this->samples(-1);
            $ordered = $this->samples(PHP_INT_MAX);
            $compiled = $ordered->compiled(PageKind::Product, $reach);
            $query = $chance->pick(['', '', 'ink', 'pen']);
            foreach ([1, 2, 5] as $page) {
                self::assertSame(
                    $ordered->page(PageKind::Product, $compiled, $query, $page),
                    $walked->page(PageKind::Product, $compiled, $query, $page),
                    "seed $chance->seed, step $step, page $page, $query",
                );
            }
            // What was just counted is known, and not asked once more.
            $this->app->make(ReachCounts::class)->numbers(PageKind::Product, $template->id, $reach);
            foreach (['', 'ink'] as $words) {
                foreach ([null, new Sql('p.brand_id = 1')] as $only) {
                    self::assertSame(
                        $ordered->page(PageKind::Product, $compiled, $words, 1, $only),
                        $this->samples(-1)->page(PageKind::Product, $compiled, $words, 1, $only),
                        "seed $chance->seed, step $step, counted before, $words",
                    );
                }
            }
            $contest = $reader->live(PageKind::Product);
            $covers = $contest->sql()->covers($compiled->atAnyTime());
            // Without any rule a template is looked at with all pages.
            $where = $compiled->show === [] ? '1' : $covers->inlined();
            self::assertSame(
                DB::scalar("select count(*) from products p where p.published = 1 and $where"),
                $ordered->count(PageKind::Product, $compiled),
            );
        }
    }

    public function test_what_a_live_template_covers_is_taken_from_what_is_kept(): void
    {
        $this->actingAs($this->owner);
        $template = $this->template('Inks');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($template);
        $this->app->make(KeepingVerdicts::class)->bringUp();
        $this->app->make(KeptOrders::class)->bringUp();
        $reach = $this->app->make(KindRulesReader::class)->stored($template->refresh()->live_reach, PageKind::Product);
        $other = (int) DB::table('kept_verdicts')->where('claims', ',')->value('product_id');
        DB::table('kept_verdicts')->where('product_id', $other)->update(['claims' => ",$template->id:1,"]);
        DB::table('kept_orders')->where('id', $other)->update(['awkward' => 99]);
        $samples = $this->samples(5);
        $page = $samples->page(PageKind::Product, $samples->compiled(PageKind::Product, $reach), '', 1);

        self::assertSame([24, $other], [$page['total'], $page['samples'][1]['id']]);
        // What is kept as of another moment is not asked.
        $this->travel(-1)->minutes();
        self::assertSame(23, $samples->page(
            PageKind::Product,
            $samples->compiled(PageKind::Product, $reach),
            '',
            1,
        )['total']);
    }

    public function test_out_of_season_they_are_the_same_whatever_was_counted_before(): void
    {
        $this->travelTo('2026-11-25T12:00:00Z');
        $template = $this->template('Over');
        $reach = $this->app->make(KindRulesReader::class)->stored([
            'format' => 2,
            'show' => [[['field' => 'category', 'comparison' => 'isIn', 'values' => [
                $this->id('categories', 'Bottled inks'),
            ]]]],
            'season' => ['until' => '2026-11-01T00:00:00Z'],
        ], PageKind::Product);
        $this->app->make(KeepingVerdicts::class)->bringUp();
        $this->app->make(KeptOrders::class)->bringUp();
        $total = fn (): int => $this->samples(-1)->page(
            PageKind::Product,
            $this->samples(-1)->compiled(PageKind::Product, $reach),
            '',
            1,
        )['total'];
        self::assertSame(23, $total());
        $this->app->make(ReachCounts::class)->numbers(PageKind::Product, $template->id, $reach);
        self::assertSame(23, $total());
    }

    private function samples(int $few): Samples
    {
        return new Samples(
            $this->app->make(KindRulesReader::class),
            $this->app->make(PagesOfTheShop::class),
            $this->app->make(Categories::class),
            $this->app->make(KeptVerdicts::class),
            $this->app->make(SupposedVerdicts::class),
            $this->app->make(KeptOrders::class),
            $few,
        );
    }

    private function something(Chance $chance): void
    {
        $product = DB::table('products')->where('id', $chance->number(1, 110));
        match ($chance->number(1, 6)) {
            1 => $product->update(['title' => $title = str_repeat('Long ', 15), 'title_folded' => strtolower($title)]),
            2 => $product->update(['picture_count' => $chance->number(0, 3), 'brand_id' => null]),
            3 => $product->update(['published' => $chance->oneIn(2)]),
            4 => $product->delete(),
            5 => DB::table('variants')->where('product_id', $chance->number(1, 110))->update([
                'stock' => 0, 'sale_price' => 1,
            ]),
            6 => DB::table('category_product')->where('product_id', $chance->number(1, 110))->delete(),
        };
    }
}
