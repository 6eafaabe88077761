<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Reach\RandomRules;

/** Memory and database answer alike: for every product, on generated catalogues, rules and instants. */
final class ReachSqlTest extends TestCase
{
    private const PRODUCTS = 40;

    private const TITLES = [
        'Teal ink', 'STRASSE', 'Straße 14', 'Æther pen', 'æther', 'Inkwell', 'ｆｕｌｌ width', 'é', 'e\u{301}', '100% ink',
        'a_b', '٣ things', '—',
    ];

    /** @return iterable<string, array{Chance}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 42; $seed++) {
            yield "seed $seed" => [new Chance($seed)];
        }
    }

    #[DataProvider('seeds')]
    public function test_the_same_products_are_covered_and_the_same_templates_win(Chance $chance): void
    {
        $this->shuffleCatalogue($chance);
        $this->randomTemplates($chance);
        foreach ($chance->some(RandomRules::INSTANTS, 2) as $instant) {
            $this->agreeAt(new DateTimeImmutable($instant), "seed $chance->seed at $instant");
        }
    }

    private function agreeAt(DateTimeImmutable $at, string $case): void
    {
        $this->app->make(ShopClock::class)->moveTo($at);
        $contest = $this->app->make(KindRulesReader::class)->all(PageKind::Product);
        $winners = WinnersSql::of($contest);
        $bySql = array_column(DB::select($winners->text, $winners->bindings), 'template_id', 'page_id');
        $ofFew = WinnersSql::of($contest->ofFew());
        self::assertSame(
            $bySql,
            array_column(DB::select($ofFew->text, $ofFew->bindings), 'template_id', 'page_id'),
            "$case, each page by itself",
        );
        $pins = DB::table('pins')->pluck('template_id', 'subject_id');
        $subjects = $this->subjects($at);
        self::assertCount(count($subjects), $bySql);
        $evaluator = $contest->evaluator();
        foreach ($subjects as $id => $features) {
            self::assertSame(
                $evaluator->decide($features, $pins[$id] ?? null)->templateId,
                $bySql[$id],
                "$case, product $id",
            );
        }
        foreach ($contest->candidates as $candidate) {
            [$covered, $each] = array_map(static fn (Sql $covers): array => array_column(
                DB::select(
                    "select p.id from products p where p.published = 1 and ($covers->text) order by p.id",
                    $covers->bindings,
                ),
                'id',
            ), [
                $contest->sql()->covers($candidate->reach),
                (new ReachSql($contest->pages, $contest->at, $contest->collections, true))->covers($candidate->reach),
            ]);
            self::assertSame($covered, $each, "$case, template $candidate->templateId, each product by itself");
            $inMemory = array_keys(array_filter($subjects, static fn (Features $features): bool =>
                $candidate->reach->match($contest->collections->judge($features)) !== null));
            self::assertSame($inMemory, $covered, "$case, template $candidate->templateId");
        }
    }

    /** What a change would do, asked of the database in one go, is what memory says before and after it. */
    #[DataProvider('seeds')]
    public function test_before_and_after_a_change_agree_too(Chance $chance): void
    {
        $this->shuffleCatalogue($chance);
        $this->randomTemplates($chance);
        $at = new DateTimeImmutable($chance->pick(RandomRules::INSTANTS));
        $this->app->make(ShopClock::class)->moveTo($at);
        $contests = $this->app->make(KindRulesReader::class);
        $ids = DB::table('templates')->where('page_kind', 'product')->pluck('id')->all();
        $supposed = new WhatIf;
        $changed = array_values(array_diff($chance->some($ids, 2), [1]));
        foreach ($changed as $id) {
            $supposed = $chance->oneIn(3)
                ? $supposed->without($id)
                : $supposed->withReach($id, $contests->stored($this->rules($chance)->reach(), PageKind::Product));
        }
        if ($chance->oneIn(3)) {
            $supposed = $supposed->withPins(['product/3' => $chance->pick($ids), 'product/4' => null]);
        }
        if ($chance->oneIn(4)) {
            $supposed = $supposed->withHandOrder('product', $chance->shuffled($ids));
        }
        $now = $contests->all(PageKind::Product);
        $then = $contests->all(PageKind::Product, $supposed);
        $sql = WinnersSql::both(
            $now,
            $then,
            isset($supposed->handOrders['product']) ? null : $changed,
            null,
            $supposed->pins,
        );
        $both = array_column(DB::select($sql->text, $sql->bindings), null, 'page_id');
        $pins = DB::table('pins')->pluck('template_id', 'subject_id')->all();
        foreach ($this->subjects($at) as $id => $features) {
            $pinThen = array_key_exists("product/$id", $supposed->pins)
                ? $supposed->pins["product/$id"]
                : $pins[$id] ?? null;
            self::assertSame(
                [
                    $now->evaluator()->decide($features, $pins[$id] ?? null)->templateId,
                    $then->evaluator()->decide($features, $pinThen)->templateId,
                ],
                [$both[$id]->before_id, $both[$id]->after_id],
                "seed $chance->seed, product $id",
            );
        }
    }

    /** @return array<int, Features> of the published products */
    private function subjects(DateTimeImmutable $at): array
    {
        $tree = $this->app->make(Categories::class)->tree();
        $reader = new ProductReader;
        $subjects = [];
        foreach (DB::table('products')->where('published', true)->orderBy('id')->pluck('id') as $id) {
            $product = $reader->byId($id);
            self::assertNotNull($product);
            $subjects[$id] = Features::product($product, $tree, $at);
        }

        return $subjects;
    }

    private function shuffleCatalogue(Chance $chance): void
    {
        DB::table('products')->where('id', '>', self::PRODUCTS)->delete();
        $categories = DB::table('categories')->pluck('id')->all();
        $tags = DB::table('tags')->pluck('id')->all();
        $book = new FactBook;
        $facts = $book->all();
        foreach (range(1, self::PRODUCTS) as $id) {
            DB::table('products')->where('id', $id)->update([
                'title' => $chance->pick(self::TITLES)." $id",
                'brand_id' => $chance->oneIn(5) ? null : $chance->pick(DB::table('brands')->pluck('id')->all()),
                'published' => ! $chance->oneIn(8),
                'added_at' => (new DateTimeImmutable($chance->pick(RandomRules::INSTANTS)))
                    ->modify('-'.$chance->number(0, 3).' days')
                    ->format('Y-m-d H:i:s'),
            ]);
            DB::table('category_product')->where('product_id', $id)->delete();
            DB::table('product_tag')->where('product_id', $id)->delete();
            foreach ($chance->oneIn(6) ? [] : $chance->some($categories, 3) as $category) {
                DB::table('category_product')->insert(['product_id' => $id, 'category_id' => $category]);
            }
            foreach ($chance->oneIn(3) ? [] : $chance->some($tags, 3) as $tag) {
                DB::table('product_tag')->insert(['product_id' => $id, 'tag_id' => $tag]);
            }
            foreach ($facts as $fact) {
                $book->fill($id, $fact, $chance->oneIn(3) ? [] : match ($fact->kind) {
                    FactKind::Number => [$fact->decimals > 0
                        ? '0.'.$chance->number(0, 9)
                        : (string) $chance->number(-5, 20)],
                    FactKind::Date => [sprintf('2026-01-%02d', $chance->number(1, 28))],
                    FactKind::YesNo => [$chance->pick(['yes', 'no'])],
                    FactKind::RichText => [$chance->pick([
                        '<p> </p>', '<p>Words</p>', '<img src="/x.webp">', '<p>&nbsp;</p>',
                    ])],
                    FactKind::Several => $chance->some(RandomRules::TEXTS, 3),
                    default => [$chance->pick(RandomRules::TEXTS)],
                });
            }
            $this->shuffleVariants($chance, $id);
            ProductIndex::refresh($id);
        }
    }

    private function shuffleVariants(Chance $chance, int $productId): void
    {
        $values = DB::table('option_values')->pluck('option_id', 'id')->all();
        DB::table('reviews')->where('product_id', $productId)->where('id', '>', $chance->number(0, 2000))->delete();
        if ($chance->oneIn(8)) {
            DB::table('variants')->where('product_id', $productId)->delete();
        }
        foreach (DB::table('variants')->where('product_id', $productId)->limit(4)->pluck('id') as $id) {
            DB::table('variants')->where('id', $id)->update([
                'price' => $chance->number(0, 12) * 100,
                'sale_price' => $chance->oneIn(2) ? null : $chance->number(0, 12) * 100,
                'sale_from' => $chance->oneIn(2)
                    ? null
                    : (new DateTimeImmutable($chance->pick(RandomRules::INSTANTS)))->format('Y-m-d H:i:s'),
                'sale_until' => $chance->oneIn(2)
                    ? null
                    : (new DateTimeImmutable($chance->pick(RandomRules::INSTANTS)))->format('Y-m-d H:i:s'),
                'stock' => $chance->oneIn(3) ? null : $chance->number(-3, 6),
                'published' => ! $chance->oneIn(6),
            ]);
            DB::table('variant_values')->where('variant_id', $id)->delete();
            foreach ($chance->some(array_keys($values), 2) as $value) {
                DB::table('variant_values')->insertOrIgnore(
                    ['variant_id' => $id, 'option_id' => $values[$value], 'option_value_id' => $value],
                );
            }
        }
        DB::table('variants')->where('product_id', $productId)->where('position', '>', 3)->delete();
    }

    /** @param  array<string, non-empty-list<int>>  $instead */
    private function rules(Chance $chance, array $instead = []): RandomRules
    {
        $things = ['product' => range(1, self::PRODUCTS + 3)];
        foreach ([
            'category' => 'categories', 'brand' => 'brands', 'tag' => 'tags', 'collection' => 'collections',
            'option' => 'options', 'option-value' => 'option_values',
        ] as $name => $table) {
            $things[$name] = [...DB::table($table)->pluck('id')->all(), 9999];
        }

        return new RandomRules($chance, $instead + $things, array_values((new FactBook)->all()));
    }

    private function randomTemplates(Chance $chance): void
    {
        $tree = json_encode(['format' => 1, 'page' => ['id' => 'p', 'kind' => 'page']]);
        $rules = $this->rules($chance);
        $inner = $this->rules($chance, ['collection' => [1, 2, 3, 4]]);
        DB::table('collections')
            ->whereNotNull('rule')
            ->update(['rule' => json_encode(['season' => [], 'goesFirst' => false] + $inner->reach())]);
        for ($order = 2; $order <= 9; $order++) {
            $reach = json_encode($rules->reach());
            $live = ! $chance->oneIn(5);
            $id = DB::table('templates')->insertGetId([
                'page_kind' => 'product', 'name' => "T$order", 'hand_order' => $order, 'draft_tree' => $tree,
                'draft_reach' => $reach,
                'live_tree' => $live ? $tree : null, 'live_reach' => $live ? $reach : null,
                'live_revision' => $live ? 1 : null, 'changed_at' => now(),
            ]);
            if ($chance->oneIn(2)) {
                DB::table('pins')->insertOrIgnore([
                    'page_kind' => 'product',
                    'subject_id' => $chance->number(1, self::PRODUCTS),
                    'template_id' => $id,
                ]);
            }
        }
    }
}
