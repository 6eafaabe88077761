<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Lists\Filters;

use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Lists\Filters\FilterPacks;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** A page whose list customers narrow: its addresses, what they lead to, and what it answers to nonsense. */
final class NarrowedPagesTest extends TestCase
{
    private const PENS = '/c/pens';

    protected function setUp(): void
    {
        parent::setUp();
        $template = $this->app->make(Templates::class)->fromStart('Pens', 'beside', $this->owner, PageKind::Category);
        self::assertInstanceOf(Template::class, $template);
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Pens')]]]));
        foreach ([
            ['words', 0],
            ['fact', $this->id('facts', 'Filling')],
            ['fact', $this->id('facts', 'Nib width')],
            ['fact', $this->id('facts', 'Stands up to water')],
            ['option', $this->id('options', 'Colour')],
            ['option', $this->id('options', 'Nib')],
        ] as $at => [$by, $number]) {
            $this->edit($template, [
                'edit' => 'insert',
                'parent' => $this->block($template, 'filters'),
                'after' => null,
                'node' => [
                    'id' => "by$at",
                    'kind' => 'filter',
                    'what' => ['by' => $by] + ($number === 0 ? [] : [$by => $number]),
                ],
            ]);
        }
        $this->publish($template);
    }

    public function test_what_a_form_sends_leads_to_the_address_of_what_was_chosen(): void
    {
        $brands = DB::table('brands')->orderBy('id')->pluck('slug', 'id')->all();
        [$first, $second] = array_keys($brands);

        $this->get(
            self::PENS
                ."?narrow=1&words=&brand[]=$second&brand[]={$brands[$first]}-$first&price[from]=5&"
                    .'price[to]=&sort=cheap',
        )
            ->assertRedirect(
                self::PENS."?price=5-&brand={$brands[$first]}-$first.{$brands[$second]}-$second&sort=cheap",
            );
        $this->get(self::PENS.'?narrow=1&brand[]=&price[from]=ten&price[to]=')->assertRedirect(self::PENS);
    }

    public function test_what_is_looked_for_among_the_values_of_a_filter_narrows_nothing_and_stays(): void
    {
        $all = (string) $this->get(self::PENS)->assertOk()->getContent();
        $brand = DB::table('brands')->orderBy('id')->first();
        self::assertNotNull($brand);
        $asked = "narrow=1&brand[]=$brand->id&find[brand]=%20Hal%09lorme%20&find[nonsense]=x&find[price]=";
        $this->get(self::PENS."?$asked")
            ->assertRedirect(self::PENS."?brand=$brand->slug-$brand->id&find%5Bbrand%5D=Hal+lorme");
        $this->anew();
        $found = (string) $this->get(self::PENS.'?find[brand]=hallorme')->assertOk()->getContent();
        $labels = static fn (string $page): array =>
            preg_match_all('~name="brand\[\]" value="([^"]+)-\d+"~', $page, $values) > 0 ? $values[1] : [];
        $cards = static fn (string $page): int => substr_count($page, 'card-cover');

        self::assertGreaterThan(2, count($labels($all)));
        self::assertSame(['hallorme'], $labels($found));
        self::assertGreaterThan(2, $cards($all));
        self::assertSame($cards($all), $cards($found), 'The list is the same.');
        foreach (['find=x', 'find[brand][]=x', 'find[brand]='.str_repeat('x', 5_000)] as $odd) {
            $this->anew();
            $this->get(self::PENS."?$odd")->assertOk();
        }
    }

    public function test_values_are_shown_by_pictures_of_the_goods_that_have_them(): void
    {
        $colour = $this->id('options', 'Colour');
        $template = Template::query()->where('name', 'Pens')->where('page_kind', 'category')->firstOrFail();
        $this->edit($template, [
            'edit' => 'set', 'id' => 'by4', 'question' => 'what', 'setting' => 'as', 'value' => 'pictures',
            'width' => 'desktop',
        ]);
        $this->publish($template);
        $shown = function (): array {
            $this->anew();
            $html = (string) $this->get(self::PENS)->assertOk()->getContent();
            $small = self::attributes($html, "//*[@data-b='by4']//img/@src", '/pictures/');

            return array_map(static fn (string $name): string => str_replace('-160.webp', '', $name), $small);
        };
        $pictures = $shown();
        self::assertGreaterThan(2, count($pictures));

        $value = DB::table('option_values')->where('option_id', $colour)->where('label', 'Teal')->value('id');
        $picture = DB::table('pictures')->whereNotIn('file', $pictures)->where('state', 'ready')->first(['id', 'file']);
        DB::table('variants')
            ->whereIn('id', DB::table('variant_values')->where('option_value_id', $value)->select('variant_id'))
            ->update(['picture_id' => $picture?->id]);
        self::assertContains($picture?->file, $shown());
        $narrowed = (string) json_encode($this->getJson(self::PENS."?colour-o$colour=teal-$value")
            ->assertOk()
            ->json('parts'));
        self::assertStringContainsString("{$picture?->file}-160.webp", $narrowed, 'Also where it is chosen.');
        DB::table('variants')->update(['picture_id' => null]);
        DB::table('product_pictures')->delete();
        self::assertSame([], $shown(), 'Without pictures they are buttons.');
    }

    public function test_an_address_survives_that_a_value_is_renamed_or_becomes_part_of_another(): void
    {
        $colour = $this->id('options', 'Colour');
        $teal = (int) DB::table('option_values')->where('option_id', $colour)->where('label', 'Teal')->value('id');
        $address = self::PENS."?colour-o$colour=teal-$teal";
        $before = $this->total($address);
        self::assertGreaterThan(0, $before);
        DB::table('option_values')->where('id', $teal)->update(['label' => 'Sea']);
        DB::table('options')->where('id', $colour)->update(['name' => 'Barrel']);

        self::assertSame($before, $this->total($address));
        $this->getJson($address)->assertJsonPath('address', self::PENS."?barrel-o$colour=sea-$teal");
        [$brand, $other] = DB::table('brands')->orderBy('id')->limit(2)->pluck('id')->all();
        $both = $this->total(self::PENS."?brand=$brand.$other");
        DB::update('update products set brand_id = ? where brand_id = ?', [$other, $brand]);
        DB::delete('delete from brands where id = ?', [$brand]);
        DB::insert('insert into merged_brands (merged_id, brand_id) values (?, ?)', [$brand, $other]);
        self::assertSame($both, $this->total(self::PENS."?brand=ostrelve-$brand"));
    }

    public function test_only_what_follows_the_list_is_sent_to_a_page_that_is_there(): void
    {
        $answer = $this->getJson(self::PENS.'?stock=in-1')->assertOk()->assertHeader('Vary', 'Accept');
        $parts = (array) $answer->json('parts');

        self::assertSame(['address', 'said', 'css', 'parts'], array_keys((array) $answer->json()));
        self::assertStringContainsString('products', (string) $answer->json('said'));
        self::assertSame(
            ['chosen-filters', 'filters', 'paging', 'product-grid', 'result-count'],
            collect($parts)->map(static fn (string $html): string =>
                preg_match('/class="([\w-]+)/', $html, $class) === 1 ? $class[1] : 'paging')
                ->sort()
                ->values()
                ->all(),
        );
        self::assertStringNotContainsString('<h1', implode('', $parts));
    }

    public function test_where_nothing_is_left_the_least_to_give_up_is_offered(): void
    {
        $nib = $this->id('options', 'Nib');
        $broad = (int) DB::table('option_values')->where('option_id', $nib)->where('label', 'Broad')->value('id');
        $pencils = $this->id('categories', 'Pencils');

        $this->get(self::PENS."?category=pencils-$pencils&nib-o$nib=broad-$broad&stock=yes-1")->assertOk()
            ->assertSee('Nothing has all of these.')
            ->assertSeeText('Without “Category: Pencils” there are 9 products')
            ->assertSee('<meta name="robots" content="noindex">', false);
        $this->get(self::PENS)->assertOk()->assertDontSee('name="robots"', false);
    }

    /**
     * @return iterable<string, array{string, int|null}> what is asked, and how many products are left; null for as many
     *     as there are
     */
    public static function strange(): iterable
    {
        yield 'an unknown filter' => ['nonsense=3&utm_source=letter', null];
        yield 'a value that nobody has' => ['brand=gone-99999', null];
        yield 'a category that was deleted, in an old link' => ['category=gone-99999', null];
        yield 'a value beside one that is gone' => ['stock=in-1.gone-99999', -1];
        yield 'words for numbers' => ['price=ten-twenty&brand=ostrelve', null];
        yield 'both ends swapped' => ['price=30-10', -1];
        yield 'a page far beyond' => ['stock=in-1&page=99999', -1];
        yield 'a page before the first' => ['stock=in-1&page=-4', -1];
        yield 'five hundred values' => ['brand='.implode('.', range(1, 500)), -1];
        yield 'five hundred values of a form' =>
            [http_build_query(['brand' => array_map('strval', range(1, 500))]), -1];
        yield 'five hundred filters' => [
            http_build_query(
                array_fill_keys(array_map(static fn (int $n): string => "f$n-f$n", range(1001, 1500)), '1'),
            ),
            null,
        ];
        yield 'lists within lists' =>
            ['narrow[]=1&brand[x][y]=1&price[from][]=3&words[]=pen&sort[]=new&page[]=2', null];
        yield 'marks of direction' => ['words=%E2%80%AE%E2%80%8F', null];
        yield 'bytes that are no text' => ['words=%FF%FE', null];
        yield 'only operators' => ['words=%22+OR+*+NEAR', 0];
        yield 'a fact that was never there' => ['x-f99999=1', null];
        yield 'numbers past all limits' => ['price=999999999999999-9999999999999999&brand=99999999999999999999', null];
        yield 'a number for an option of another option' => ['colour-o3=x-1', null];
    }

    #[DataProvider('strange')]
    public function test_what_cannot_be_read_is_passed_over_and_the_rest_is_kept(string $query, ?int $left): void
    {
        $all = $this->total(self::PENS);
        $got = $this->total(self::PENS."?$query");

        match ($left) {
            null => self::assertSame($all, $got),
            -1 => self::assertTrue($got > 0 && $got <= $all),
            default => self::assertSame($left, $got),
        };
        $this->followingRedirects()->get(self::PENS."?$query")->assertOk();
    }

    public function test_a_fact_that_is_deleted_takes_its_filter_along_and_old_links_still_lead_to_the_page(): void
    {
        $fact = $this->id('facts', 'Filling');
        $word = (int) DB::table('filter_words')->where('fact_id', $fact)->where('folded', 'piston')->value('id');
        $this->get(self::PENS);
        $word = $word
            ?: (int) DB::table('filter_words')->where('fact_id', $fact)->where('folded', 'piston')->value('id');
        $all = $this->total(self::PENS);
        self::assertLessThan($all, $this->total(self::PENS."?filling-f$fact=piston-$word"));
        DB::delete('delete from facts where id = ?', [$fact]);

        self::assertSame($all, $this->total(self::PENS."?filling-f$fact=piston-$word"));
        $this->get(self::PENS)->assertOk()->assertDontSee('Filling');
    }

    public function test_an_address_with_a_nul_is_none(): void
    {
        $this->get(self::PENS.'?words=%00')->assertStatus(400)->assertSee('not written as addresses are');
    }

    public function test_without_filters_beside_it_a_list_is_not_narrowed_by_its_address(): void
    {
        self::assertSame(
            $this->getJson('/c/inks')->json('said'),
            $this->getJson('/c/inks?stock=in-1&price=1-2')->json('said'),
        );
    }

    public function test_while_somebody_writes_for_long_lists_and_searches_are_there_all_the_same(): void
    {
        $this->app->make(FilterPacks::class)->refresh();
        $this->get(self::PENS);
        $this->get('/search?q=teal');
        $before = (int) DB::scalar('select sum(times) from search_days');
        $writer = new PDO('sqlite:'.DB::connection()->getDatabaseName());
        $writer->exec('begin immediate');
        $this->anew();
        $this->get(self::PENS.'?stock=in-1')->assertOk();
        $this->get('/search?q=teal')->assertOk();
        $writer->exec('rollback');

        self::assertSame(
            $before,
            (int) DB::scalar('select sum(times) from search_days'),
            'It was not counted, and nobody waited.',
        );
        $this->get('/search?q=teal')->assertOk();
        self::assertSame($before + 1, (int) DB::scalar('select sum(times) from search_days'));
    }

    public function test_the_number_of_queries_does_not_depend_on_what_is_chosen(): void
    {
        $queries = function (string $address): int {
            $this->anew();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($address)->assertOk();

            return count(DB::getQueryLog());
        };
        $this->app->make(FilterPacks::class)->refresh();
        $queries(self::PENS);
        $none = $queries(self::PENS);

        self::assertSame($none, $queries(self::PENS.'?stock=in-1&price=1-900&brand=1.2.3.4'));
        self::assertLessThanOrEqual(20, $none);
    }

    private function total(string $address): int
    {
        $this->anew();
        preg_match('/\d+/', str_replace(',', '', (string) $this->getJson($address)->assertOk()->json('said')), $number);

        return (int) ($number[0] ?? -1);
    }
}
