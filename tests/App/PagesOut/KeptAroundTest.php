<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\PagesOut;

use Closure;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\PagesOut\KeptAround;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** Printed headers and footers are kept between requests, and nobody ever sees an old one. */
final class KeptAroundTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->app->make(KeptAround::class)->throwAway();
    }

    public function test_what_was_printed_once_is_taken_again_for_pages_of_the_kind_and_of_the_very_category(): void
    {
        $this->around('/p/teal-tide-bottled-ink');
        $kept = $this->files();
        self::assertCount(2, $kept, 'A header and a footer.');
        $this->around('/p/reading-lamp');
        self::assertSame($kept, $this->files(), 'They are alike on all product pages.');
        self::assertStringContainsString('aria-current="page">Inks', $this->around('/c/inks'));
        self::assertStringNotContainsString('aria-current="page">Inks', $this->around('/c/pens'));
        self::assertStringContainsString('aria-current="page">Inks', $this->around('/c/inks'));
        self::assertCount(6, $this->files());
        self::assertStringContainsString('value="one thing"', $this->around('/search?q=one+thing'));
        self::assertStringContainsString('value="another"', $this->around('/search?q=another'));
        self::assertCount(6, $this->files(), 'Of searches there is no end: none is kept.');
    }

    /** @return iterable<string, array{Closure(self): mixed, string}> */
    public static function changes(): iterable
    {
        yield 'a category has another name' => [
            static fn (): mixed => DB::table('categories')->where('slug', 'inks')->update(['name' => 'Ink and more']),
            'Ink and more',
        ];
        yield 'a category comes' => [
            static fn (): mixed => DB::table('categories')->insert([
                'name' => 'Rulers', 'name_folded' => 'rulers', 'slug' => 'rulers', 'position' => 9, 'description' => '',
                'lower' => 900, 'upper' => 900,
            ]),
            'Rulers',
        ];
        yield 'other words of the shop' => [
            static fn (): mixed => DB::table('own_words')->update(['live' => json_encode(['top.cart' => 'Basket'])]),
            'Basket',
        ];
        yield 'another name of the shop' =>
            [static fn (): mixed => config(['vestibra.shop' => 'Larkfold & daughters']), 'Larkfold &amp; daughters'];
        yield 'a block that was published' => [static function (self $test): void {
            $header = Template::query()->where('page_kind', 'header')->firstOrFail();
            $test->edit($header, [
                'edit' => 'insert',
                'parent' => $test->block($header, 'column'),
                'after' => null,
                'node' => ['kind' => 'text', 'what' => ['text' => 'Closed on Monday.']],
            ]);
            $test->publish($header);
        }, 'Closed on Monday.'];
        yield 'a shared part that was published' => [static function (self $test): void {
            $test->actingAs($test->owner);
            $part = (int) $test->postJson(
                '/studio/parts',
                ['name' => 'Line', 'node' => ['kind' => 'text', 'what' => ['text' => 'By post since long ago.']]],
            )->json('id');
            $header = Template::query()->where('page_kind', 'header')->firstOrFail();
            $test->edit($header, [
                'edit' => 'insert',
                'parent' => $test->block($header, 'column'),
                'after' => null,
                'node' => ['kind' => 'shared', 'what' => ['part' => $part]],
            ]);
            $test->publish($header);
            $test->app->make('auth')->logout();
        }, 'By post since long ago.'];
    }

    /** @param  Closure(self): mixed  $change */
    #[DataProvider('changes')]
    public function test_what_changes_is_seen_at_once(Closure $change, string $seen): void
    {
        self::assertStringNotContainsString($seen, $this->around('/c/inks'));
        self::assertStringNotContainsString($seen, $this->around('/c/inks'));
        $change($this);
        self::assertStringContainsString($seen, $this->around('/c/inks'));
        self::assertStringContainsString($seen, $this->around('/c/inks'));
    }

    public function test_no_two_pages_that_may_look_different_are_kept_under_one_name(): void
    {
        $kept = $this->app->make(KeptAround::class);
        $names = [];
        foreach ([PageKind::Category, PageKind::Collection, PageKind::Brand, PageKind::Tag] as $kind) {
            foreach (DB::table($this->app->make(PagesOfTheShop::class)->get($kind)->table())->orderBy('id')
                ->limit(3)
                ->pluck('id') as $id) {
                $subject = $this->app->make(PagesOfTheShop::class)->get($kind)->read((int) $id);
                self::assertNotNull($subject);
                foreach ([1, 2] as $template) {
                    foreach ([[], ['notice']] as $closed) {
                        foreach (['a', 'b'] as $word) {
                            $names["$kind->value $id $template ".implode($closed)." $word"] = $kept->name(
                                $template,
                                new AroundPage(PageKind::Header, $kind, $subject),
                                new Visit([], closed: $closed),
                                $word,
                            );
                        }
                    }
                }
            }
        }
        self::assertNotContains(null, $names);
        self::assertSame(count($names), count(array_unique($names)));
        self::assertGreaterThan(60, count($names));
    }

    public function test_everybody_sees_their_own_cart(): void
    {
        self::assertStringContainsString('data-cart-count>0<', $this->around('/all'));
        $variant = (int) DB::table('variants')->whereNull('stock')->orWhere('stock', '>', 5)->value('id');
        $this->post('/cart', ['variant' => $variant, 'quantity' => 3]);
        self::assertStringContainsString('data-cart-count>3<', $this->around('/all'));
        $this->flushSession();
        self::assertStringContainsString('data-cart-count>0<', $this->around('/all'));
    }

    public function test_what_the_clock_changes_is_kept_until_then_and_not_before_it_was_printed(): void
    {
        $footer = Template::query()->where('page_kind', 'footer')->firstOrFail();
        $this->edit($footer, [
            'edit' => 'insert',
            'parent' => $this->block($footer, 'column'),
            'after' => null,
            'node' => ['kind' => 'opening-hours', 'what' => ['tuesday' => '9–18']],
        ]);
        $this->publish($footer);
        $this->travelTo('2026-11-24 17:59:59');
        self::assertStringContainsString('Open now', $this->around('/all'));
        $this->travelTo('2026-11-24 18:00:00');
        self::assertStringContainsString('Closed now', $this->around('/all'));
        $this->travelTo('2026-11-24 17:00:00');
        self::assertStringContainsString('Open now', $this->around('/all'));
    }

    public function test_what_looks_at_the_product_or_has_conditions_is_printed_anew(): void
    {
        $header = Template::query()->where('page_kind', 'header')->firstOrFail();
        $where = [[
            'field' => 'brand',
            'comparison' => 'isOneOf',
            'values' => [DB::table('products')->where('slug', 'reading-lamp')->value('brand_id')],
        ]];
        $this->edit($header, [
            'edit' => 'insert',
            'parent' => $this->block($header, 'column'),
            'after' => null,
            'node' => ['kind' => 'text', 'what' => ['text' => 'Only by this brand.'], 'when' => ['where' => $where]],
        ]);
        $this->publish($header);
        $other = (string) DB::table('products')->where('published', true)
            ->whereNot('brand_id', $where[0]['values'][0])
            ->value('slug');

        self::assertStringNotContainsString('Only by this brand.', $this->around("/p/$other"));
        self::assertStringContainsString('Only by this brand.', $this->around('/p/reading-lamp'));
        self::assertStringNotContainsString('Only by this brand.', $this->around("/p/$other"));
        self::assertSame([], preg_grep("/^$header->id-/", $this->files()) ?: []);
    }

    public function test_a_file_that_was_cut_off_is_as_if_it_were_not_there(): void
    {
        $before = $this->around('/all');
        foreach (glob(config()->string('vestibra.around').'/*') ?: [] as $file) {
            file_put_contents($file, '{"html":"<hea');
        }
        self::assertSame($before, $this->around('/all'));
    }

    /** @return string what stands above and below a page */
    private function around(string $address): string
    {
        $this->anew();
        $html = (string) $this->get($address)->assertOk()->getContent();
        preg_match_all('~<(header|footer)\b.*?</\1>~s', $html, $found);

        return implode("\n", $found[0]);
    }

    /** @return list<string> the names of what is kept */
    private function files(): array
    {
        $files = array_map(basename(...), glob(config()->string('vestibra.around').'/*.json') ?: []);
        sort($files);

        return $files;
    }
}
