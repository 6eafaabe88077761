<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Finding;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\TestCase;

/** The first rows, any later place and the whole are one list, whichever way each of them is found. */
final class FirstRowsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        MoreProducts::fillUpTo(900);
        foreach (['Pens' => 'Pens', 'Pens apart' => 'Inks', 'Zest' => 'Paper'] as $name => $category) {
            $template = $this->template($name);
            $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', $category)]]]));
            $this->publish($template);
        }
        $this->app->make(KeepingVerdicts::class)->bringUp();
    }

    /** @return iterable<string, array{PageFilter}> */
    public static function filters(): iterable
    {
        $product = PageKind::Product;
        foreach (['title', 'new', 'cheap', 'dear', 'template'] as $sort) {
            yield "all by $sort" => [new PageFilter($product, sort: $sort)];
            yield "by a word, by $sort" => [new PageFilter($product, 'pen', sort: $sort)];
            yield "few by $sort" => [new PageFilter($product, 'teal', sort: $sort)];
            yield "none by $sort" => [new PageFilter($product, 'nothing is called so', sort: $sort)];
            yield "on the fallback by $sort" => [new PageFilter($product, step: 'fallback', sort: $sort)];
            yield "by a rule by $sort" => [new PageFilter($product, step: 'rule', sort: $sort)];
            yield "in stock by $sort" => [
                new PageFilter($product, conditions: [new Condition('stock', 'isIn')], sort: $sort),
            ];
        }
        yield 'categories by template' => [new PageFilter(PageKind::Category, sort: 'template')];
        yield 'headers by template' => [new PageFilter(PageKind::Header, sort: 'template')];
    }

    #[DataProvider('filters')]
    public function test_first_rows_later_places_and_the_whole_are_one_list(PageFilter $filter): void
    {
        $found = $this->app->make(FoundPages::class, ['few' => 120]);
        [$whole, $total] = $found->page($filter, 0, 10_000);
        self::assertSame(count($whole), $total);
        self::assertSame($whole, array_values(array_unique($whole)));
        [$first, $again] = $found->page($filter, 0, 50);
        self::assertSame([array_slice($whole, 0, 50), $total], [$first, $again]);
        foreach ([50, 100, 640] as $from) {
            self::assertSame([array_slice($whole, $from, 50), $total], $found->page($filter, $from, 50), "from $from");
        }
        if ($filter->kind === PageKind::Product && $whole !== []) {
            self::assertSame($this->ordered($filter, $whole), $whole);
        }
    }

    /**
     * @param  non-empty-list<int>  $ids
     * @return list<int> the same pages, put in order one by one
     */
    private function ordered(PageFilter $filter, array $ids): array
    {
        $rows = DB::table('products')->whereIntegerInRaw('id', $ids)->get()->keyBy('id');
        [$templates] = $this->app->make(FoundPages::class)->templates(PageKind::Product, $ids);
        $names = DB::table('templates')->pluck('name', 'id');
        $key = static fn (int $id): array => [...match ($filter->sort) {
            'template' => [
                $names[$templates[$id]->template_id], $templates[$id]->template_id, $rows[$id]?->title_order,
            ],
            'new' => [$rows[$id]?->added_at],
            'cheap', 'dear' => [$rows[$id]?->price_low],
            default => [$rows[$id]?->title_order],
        }, $id];
        usort($ids, static fn (int $one, int $other): int => in_array($filter->sort, ['new', 'dear'], true)
            ? $key($other) <=> $key($one)
            : $key($one) <=> $key($other));

        return $ids;
    }
}
