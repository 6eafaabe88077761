<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Tending;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Tending\RuleMatters;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Demo\MoreProducts;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\ProductFactory;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;

/** Rules that look after themselves: what they need is said with its pages, and done with one click. */
final class RuleMattersTest extends TestCase
{
    private Template $inks;

    private int $bottled;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01T12:00:00Z');
        $this->actingAs($this->owner);
        $this->bottled = $this->id('categories', 'Bottled inks');
        $this->inks = $this->template('Ink bottles');
        $this->ruled($this->inks, [['category', 'isIn', [$this->bottled]]]);
    }

    public function test_what_was_deleted_is_named_and_taken_out_without_moving_a_page(): void
    {
        $tag = 999_999;
        $gift = $this->id('tags', 'gift');
        $this->edit($this->inks, ['edit' => 'reach', 'reach' => ['format' => 2, 'show' => [
            [['field' => 'tag', 'comparison' => 'hasAnyOf', 'values' => [$gift, $tag]]],
            [['field' => 'tag', 'comparison' => 'hasAnyOf', 'values' => [$tag]]],
            [['field' => 'category', 'comparison' => 'isIn', 'values' => [$this->bottled]]],
        ], 'keepOff' => [], 'season' => ['from' => null, 'until' => null], 'goesFirst' => false]]);
        $this->publish($this->inks);
        $before = $this->verdicts();
        $reach = $this->inks->refresh()->live_reach;

        [$matter] = $this->matters('names-deleted');
        self::assertSame(
            '“Ink bottles” names what was deleted: “tag is any of gift or something deleted”, and 1 other rule of it.',
            $matter['words'],
        );
        self::assertSame(
            [$matter],
            array_values(array_filter(
                $this->getJson('/studio/today/attention')->assertOk()->json('attention'),
                static fn (array $one): bool => $one['what'] === 'names-deleted',
            )),
            'On Today too.',
        );
        $done = $this->tidy($matter)->assertCreated()->json();
        self::assertSame(0, $done['release']['impact']['moved']);
        self::assertSame([$gift], $this->inks->refresh()->live_reach['show'][0][0]['values']);
        self::assertCount(2, $this->inks->live_reach['show']);
        self::assertFalse($this->inks->isChanged(), 'Its draft follows.');
        self::assertSame([$before, []], [$this->verdicts(), $this->matters('names-deleted')]);
        $this->tidy($matter)->assertConflict()->assertJsonPath(
            'message',
            'These rules name nothing that was deleted any more. Nothing was changed; reload the page.',
        );

        $this->postJson("/studio/rules/{$done['release']['id']}/take-back")->assertCreated();
        $this->inks->refresh();
        self::assertEquals([$reach, $reach], [$this->inks->live_reach, $this->inks->draft_reach]);
    }

    public function test_a_draft_with_rules_of_its_own_is_left_alone(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $this->ruled($this->inks, [['brand', 'isOneOf', [$brand, 999_999]], ['price', 'atLeast', [100]]]);
        $this->edit($this->inks, $this->reach([['brand', 'isOneOf', [$brand]]]));
        $own = $this->inks->refresh()->draft_reach;
        $done = $this->tidy($this->matters('names-deleted')[0])->assertCreated()->json();
        self::assertSame([$brand], $this->inks->refresh()->live_reach['show'][0][0]['values']);
        self::assertEquals($own, $this->inks->draft_reach);
        $this->postJson("/studio/rules/{$done['release']['id']}/take-back")->assertCreated();
        self::assertEquals($own, $this->inks->refresh()->draft_reach);
    }

    public function test_of_a_template_that_is_not_live_only_the_draft_is_tidied(): void
    {
        $draft = $this->template('Not yet');
        $this->edit($draft, $this->reach([['brand', 'isOneOf', [999_999]]]));
        $this->tidy($this->matters('names-deleted')[0])->assertCreated()->assertJsonPath('release', null);
        self::assertSame([], $draft->refresh()->draft_reach['show']);
    }

    public function test_a_rule_that_another_holds_is_said_with_its_pages_and_taken_out(): void
    {
        $gifts = $this->template('Ink gifts');
        $this->ruled($gifts, [['category', 'isIn', [$this->bottled]]], [['price', 'atLeast', [1]]]);
        $count = count($this->within($this->bottled));
        [$matter] = $this->matters('rule-idle');
        self::assertSame(
            "“Ink gifts”: “category is in Bottled inks” decides nothing. “Ink bottles” holds its $count product pages, "
                .'and every later one, and comes before it.',
            $matter['words'],
        );
        $before = $this->verdicts();
        $done = $this->tidy($matter, 'once')->assertCreated()->json();
        self::assertSame($done, $this->tidy($matter, 'once')->assertCreated()->json(), 'The same try is made once.');
        self::assertSame([0, $before], [$done['release']['impact']['moved'], $this->verdicts()]);
        self::assertSame(['price'], array_column($gifts->refresh()->live_reach['show'][0], 'field'));
        self::assertSame([], $this->matters('rule-idle'));
        $this->tidy($matter)->assertConflict();
        $this->postJson("/studio/rules/{$done['release']['id']}/take-back")->assertCreated();
        self::assertSame([$matter], $this->matters('rule-idle'));
    }

    public function test_of_two_rules_of_one_template_the_one_that_the_other_holds_is_named(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $this->ruled($this->inks, [['brand', 'isOneOf', [$brand]], ['price', 'atLeast', [100]]], [
            ['brand', 'isOneOf', [$brand]],
        ]);
        [$matter] = $this->matters('rule-idle');
        self::assertStringContainsString(
            'decides nothing. Another rule of it, “brand is one of Ostrelve”, holds its ',
            $matter['words'],
        );
        $rival = $this->template('Dear Ostrelves');
        $this->ruled($rival, [['brand', 'isOneOf', [$brand]], ['stock', 'isIn', []]]);
        self::assertSame([], $this->matters('rule-idle'), 'Without it, pages would move.');
    }

    public function test_pages_on_the_fallback_that_a_rule_nearly_takes_are_counted_and_listed(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $desk = $this->id('categories', 'Desk');
        $this->ruled($this->template('Ostrelve desk'), [
            ['category', 'isIn', [$desk]], ['brand', 'isOneOf', [$brand]], ['price', 'atLeast', [1]],
        ]);
        $near = $this->matters('nearly-taken');
        self::assertNotSame([], $near);
        $seen = 0;
        foreach ($near as $matter) {
            parse_str((string) parse_url($matter['step']['address'], PHP_URL_QUERY), $asks);
            $rows = $this->getJson('/studio/who/rows?'.http_build_query($asks))->assertOk();
            self::assertStringStartsWith(number_format($rows->json('total')).' product page', $matter['words']);
            self::assertGreaterThan(0, $rows->json('total'));
            $seen += $rows->json('total');
            foreach ($rows->json('rows') as $row) {
                self::assertSame('fallback', $row['by']);
            }
        }
        self::assertSame($this->nearly($desk, $brand), $seen);
    }

    public function test_what_comes_and_goes_by_itself_makes_no_rule_nearly_fit(): void
    {
        $this->ruled($this->template('Desk sale'), [
            ['category', 'isIn', [$this->id('categories', 'Desk')]], ['sale', 'isOn', []],
        ]);
        $this->ruled($this->template('In stock'), [['stock', 'isIn', []], ['brand', 'isOneOf', [
            $this->id('brands', 'Hallorme'),
        ]]]);
        $this->ruled($this->template('No Ostrelve'), [
            ['category', 'isIn', [$this->id('categories', 'Desk')]],
            ['brand', 'isNoneOf', [$this->id('brands', 'Ostrelve')]],
        ]);
        $winter = $this->template('Winter desk');
        $this->edit($winter, ['edit' => 'reach', 'reach' => [
            'format' => 2,
            'show' => [[
                ['field' => 'category', 'comparison' => 'isIn', 'values' => [$this->id('categories', 'Desk')]],
                ['field' => 'tag', 'comparison' => 'hasAnyOf', 'values' => [$this->id('tags', 'gift')]],
            ]],
            'keepOff' => [],
            'season' => ['from' => '2027-01-01T00:00:00Z', 'until' => null],
            'goesFirst' => false,
        ]]);
        $this->publish($winter);
        self::assertSame([], $this->matters('nearly-taken'));
        $this->travelTo('2027-01-02T12:00:00Z');
        self::assertNotSame([], $this->matters('nearly-taken'), 'In its season it is.');
    }

    public function test_it_is_said_anew_as_soon_as_something_is_saved(): void
    {
        $brand = $this->id('brands', 'Ostrelve');
        $this->ruled($this->template('Gift inks'), [
            ['category', 'isIn', [$this->bottled]], ['brand', 'isOneOf', [$brand]], ['tag', 'hasAnyOf', [
                $this->id('tags', 'gift'),
            ]],
        ]);
        $this->ruled($this->inks, [['brand', 'isNoneOf', [$brand]], ['category', 'isIn', [$this->bottled]]]);
        $said = array_column($this->matters('nearly-taken'), 'words');
        self::assertNotSame([], $said);
        $product = ProductFactory::new()->create(['brand_id' => $brand]);
        $this->postJson('/studio/who/selection/tick', ['ids' => [$product->id], 'on' => true])->assertOk();
        $this->postJson('/studio/catalogue/many?list=products', ['changes' => [
            ['what' => 'categories', 'in' => [$this->bottled], 'out' => []],
        ]])->assertOk();
        self::assertNotSame($said, array_column($this->matters('nearly-taken'), 'words'));
    }

    public function test_in_a_large_shop_it_waits_until_it_is_known_which_pages_the_fallback_has(): void
    {
        MoreProducts::fillUpTo(2_300);
        $this->ruled($this->template('Ostrelve desk'), [
            ['category', 'isIn', [$this->id('categories', 'Desk')]],
            ['brand', 'isOneOf', [$this->id('brands', 'Ostrelve')]],
        ]);
        $found = fn (): array => array_column(
            $this->app->make(RuleMatters::class)->counted(PageKind::Product),
            'what',
        );
        $clock = $this->app->make(ShopClock::class);
        $clock->moveTo(new DateTimeImmutable('2026-12-02T12:00:00Z'));
        self::assertNotContains('nearly-taken', $found(), 'Nothing is kept of another day.');
        $clock->moveTo(null);
        $this->app->make(KeepingVerdicts::class)->bringUp();
        self::assertContains('nearly-taken', $found());
    }

    public function test_who_may_not_publish_sees_it_and_takes_nothing_out(): void
    {
        $this->ruled($this->inks, [['brand', 'isOneOf', [$this->id('brands', 'Ostrelve'), 999_999]]]);
        $this->actingAs(UserFactory::new()->create(['role' => 'viewer']));
        [$matter] = $this->matters('names-deleted');
        $this->tidy($matter)->assertForbidden();
        $this->getJson('/studio/rules?kind=nonsense')->assertOk();
    }

    /** @return list<array<string, mixed>> */
    private function matters(string $what): array
    {
        $answer = $this->getJson('/studio/rules?kind=product')->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('RuleMattersAnswer', $answer));

        return array_values(array_filter(
            $answer['matters'],
            static fn (array $one): bool => $one['what'] === $what,
        ));
    }

    /**
     * @param  array<string, mixed>  $matter
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function tidy(array $matter, string $key = ''): TestResponse
    {
        $ask = $matter['step']['tidy'];

        return $this->postJson("/studio/rules/{$ask['template']}/tidy", ['key' => $key] + $ask);
    }

    /** @param  list<array{string, string, list<int|string>}>  ...$clauses */
    private function ruled(Template $template, array ...$clauses): void
    {
        $this->edit($template, ['edit' => 'reach', 'reach' => [
            'format' => 2,
            'show' => array_map(static fn (array $clause): array => array_map(
                static fn (array $one): array => ['field' => $one[0], 'comparison' => $one[1], 'values' => $one[2]],
                $clause,
            ), array_values($clauses)),
            'keepOff' => [],
            'season' => ['from' => null, 'until' => null],
            'goesFirst' => false,
        ]]);
        $this->publish($template);
    }

    /** @return array<int, int> */
    private function verdicts(): array
    {
        $verdicts = [];
        foreach (DB::table('products')->where('published', 1)->orderBy('id')->pluck('id') as $id) {
            $product = $this->app->make(ProductReader::class)->byId((int) $id);
            self::assertNotNull($product);
            $verdicts[(int) $id] = $this->app->make(Verdicts::class)->of(PageKind::Product, $product)->templateId;
        }

        return $verdicts;
    }

    /** @return list<int> shown products that are filed in a category or beneath it */
    private function within(int $category): array
    {
        return array_map(intval(...), DB::table('products')->where('published', 1)
            ->whereIn('id', DB::table('category_product')
                ->join('categories as own', 'own.id', '=', 'category_id')
                ->join('categories as above', static fn ($join) => $join->on('own.lower', '>=', 'above.lower')
                    ->on('own.upper', '<=', 'above.upper'))
                ->where('above.id', $category)
                ->select('product_id'))
            ->orderBy('id')
            ->pluck('id')
            ->all());
    }

    /** How many on the fallback have one of the two and not the other, one by one. */
    private function nearly(int $category, int $brand): int
    {
        $fallback = (int) DB::table('fallbacks')->where('page_kind', 'product')->value('template_id');
        $of = array_map(intval(...), DB::table('products')->where('brand_id', $brand)->pluck('id')->all());
        $in = $this->within($category);

        return count(array_filter($this->verdicts(), static fn (int $template, int $id): bool =>
            $template === $fallback && in_array($id, $in, true) !== in_array($id, $of, true), ARRAY_FILTER_USE_BOTH));
    }
}
