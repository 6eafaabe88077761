<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Rules;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Pages\ProductPages;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\Sql\FirstOfMany;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\WhatIf;
use Vestibra\Tests\App\TestCase;

/** Of what is said of many products each is asked by itself, of what is said of few all at once. */
final class FirstOfManyTest extends TestCase
{
    /** @return iterable<string, array{int, int, bool}> how many have a tag, how large a shop must be, and the way */
    public static function ways(): iterable
    {
        yield 'many' => [60, 0, true];
        yield 'as many as it takes' => [2, 0, true];
        yield 'one less' => [1, 0, false];
        yield 'none' => [0, 0, false];
        yield 'many in a small shop' => [60, 1_000, false];
    }

    #[DataProvider('ways')]
    public function test_the_way_is_chosen_by_how_many_there_are(int $tagged, int $many, bool $each): void
    {
        $tag = (int) DB::table('tags')->value('id');
        DB::table('product_tag')->delete();
        $products = DB::table('products')->where('published', true)->orderBy('id')->limit($tagged)->pluck('id')->all();
        DB::table('product_tag')->insert(array_map(
            static fn (int $id): array => ['product_id' => $id, 'tag_id' => $tag],
            $products,
        ));
        $template = $this->template();
        $reader = $this->app->make(KindRulesReader::class);
        $reach = $reader->stored(
            $this->reach([['tag', 'hasAnyOf', [$tag]]])['reach'],
            PageKind::Product,
        );
        $candidate = $reader->all(PageKind::Product, (new WhatIf)->withReach($template->id, $reach))
            ->candidate($template->id);
        self::assertNotNull($candidate);
        $covers = FirstOfMany::covers(
            $this->app->make(ProductPages::class),
            now()->getTimestamp(),
            RuleCollections::none(),
            $candidate->reach,
            $many,
        );

        self::assertSame($each, str_contains($covers->text, 'exists'));
        self::assertSame($products, array_column(
            DB::select("select p.id from products p where p.published = 1 and ($covers->text) order by p.id"),
            'id',
        ));
    }
}
