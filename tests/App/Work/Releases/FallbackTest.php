<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Templates\Templates;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Tests\App\TestCase;

/** The fallback takes what nobody claims, without any rule. */
final class FallbackTest extends TestCase
{
    private const EVERY = [
        'format' => 2,
        'show' => [[]],
        'keepOff' => [],
        'season' => ['from' => null, 'until' => null],
        'goesFirst' => false,
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_no_fallback_that_comes_with_a_shop_claims_a_page(): void
    {
        foreach (DB::table('fallbacks')->join('templates', 'templates.id', '=', 'template_id')
            ->where('role', 'page')
            ->get() as $row) {
            self::assertSame([], json_decode((string) $row->live_reach, true)['show'], (string) $row->name);
            self::assertSame($row->live_reach, $row->draft_reach);
        }
    }

    public function test_a_template_for_every_page_of_a_kind_is_shown_on_them(): void
    {
        foreach ([PageKind::Search, PageKind::Product, PageKind::Brand, PageKind::Footer] as $kind) {
            $template = $this->every($kind);
            $counts = $this->app->make(ReachCounts::class)->live($kind)[$template->id];
            self::assertGreaterThan(0, $counts['covers']);
            self::assertSame($counts['covers'], $counts['shownOn'], $kind->value);
        }
    }

    public function test_another_fallback_gets_what_the_one_before_had(): void
    {
        $inks = $this->inks();
        $ask = $this->postJson("/studio/templates/$inks->id/fallback", ['ask' => true, 'letGo' => true])->assertOk();
        self::assertSame([86, null], [$ask->json('moved'), $ask->json('every')]);
        $this->postJson("/studio/templates/$inks->id/fallback", ['letGo' => true])->assertCreated();
        self::assertSame(109, $this->app->make(ReachCounts::class)->live(PageKind::Product)[$inks->id]['shownOn']);
    }

    public function test_where_the_one_before_claims_every_page_it_is_said_and_offered_to_let_go_of_that(): void
    {
        $before = $this->old('Everything else');
        $inks = $this->inks();
        $address = "/studio/templates/$inks->id/fallback";
        self::assertSame(
            [0, 'Everything else'],
            array_values(array_intersect_key(
                (array) $this->postJson($address, ['ask' => true])->assertOk()->json(),
                ['moved' => 1, 'every' => 1],
            )),
        );
        self::assertSame(
            [86, 'Everything else'],
            array_values(array_intersect_key(
                (array) $this->postJson($address, ['ask' => true, 'letGo' => true])->json(),
                ['moved' => 1, 'every' => 1],
            )),
        );
        self::assertSame(self::EVERY, $before->refresh()->live_reach, 'Asking changes nothing.');

        $release = $this->postJson($address, ['letGo' => true])->assertCreated()->json('id');
        $before->refresh();
        self::assertSame([[], []], [$before->live_reach['show'] ?? null, $before->draft_reach['show']]);
        self::assertFalse(
            $before->isChanged(),
            'The draft goes along, so that publishing does not bring the rule back.',
        );
        self::assertSame(109, $this->app->make(ReachCounts::class)->live(PageKind::Product)[$inks->id]['shownOn']);

        $this->postJson("/studio/releases/$release/bring-back")->assertCreated();
        self::assertSame(
            [self::EVERY, $before->id],
            [
                $before->refresh()->live_reach,
                DB::table('fallbacks')->where('page_kind', 'product')->value('template_id'),
            ],
            'One release, taken back as one.',
        );
    }

    public function test_what_else_the_one_before_claims_stays(): void
    {
        $before = $this
            ->old('Everything else', ['show' => [[], [['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]]]);
        $this->postJson("/studio/templates/{$this->inks()->id}/fallback", ['letGo' => true])->assertCreated();
        self::assertSame(
            [[['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]],
            $before->refresh()->live_reach['show'] ?? null,
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, bool}> the reach of a live template behind the fallback, and
     *     whether the old rule goes
     */
    public static function behind(): iterable
    {
        yield 'one that names a category' =>
            [['show' => [[['field' => 'category', 'comparison' => 'isIn', 'values' => [1]]]]], true];
        yield 'as wide a one, which got nothing so far' => [['show' => [[]]], false];
        yield 'one that leaves out a brand alone' =>
            [['show' => [[['field' => 'brand', 'comparison' => 'isNoneOf', 'values' => [1]]]]], false];
        yield 'as wide a one that goes first' => [['show' => [[]], 'goesFirst' => true], true];
        yield 'one with a condition beside what it leaves out' => [
            ['show' => [[
                ['field' => 'brand', 'comparison' => 'isNoneOf', 'values' => [1]],
                ['field' => 'sale', 'comparison' => 'isOn', 'values' => []],
            ]]],
            true,
        ];
    }

    /** @param  array<string, mixed>  $behind */
    #[DataProvider('behind')]
    public function test_an_older_shop_is_shown_as_before_and_its_fallbacks_let_go_where_they_can(
        array $behind,
        bool $goes,
    ): void {
        $before = $this->old('Everything else');
        foreach (DB::table('fallbacks')->join('templates', 'templates.id', '=', 'template_id')
            ->whereIn('fallbacks.page_kind', ['search', 'header', 'category'])
            ->pluck('name') as $name) {
            $this->old((string) $name);
        }
        $other = $this->template('Behind');
        $this->edit($other, ['edit' => 'reach', 'reach' => $behind + self::EVERY]);
        $this->publish($other);
        $shown = $this->winners();

        $this->migrate();

        self::assertSame($goes ? [] : [[]], $before->refresh()->live_reach['show'] ?? null);
        self::assertSame(
            [],
            Template::query()->where('page_kind', 'search')->firstOrFail()->live_reach['show'] ?? null,
        );
        self::assertSame($shown, $this->winners(), 'Not one page is shown otherwise.');
        $this->migrate();
        self::assertSame($shown, $this->winners(), 'Twice is as once.');
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function touched(): iterable
    {
        yield 'kept off something' =>
            [['keepOff' => [[['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]]], []];
        yield 'with a season' => [['season' => ['from' => '2026-01-01T00:00:00Z', 'until' => null]], []];
        yield 'with a rule more' =>
            [['show' => [[], [['field' => 'sale', 'comparison' => 'isOn', 'values' => []]]]], []];
        yield 'goes first' => [['goesFirst' => true], []];
        yield 'changed in its draft' => [[], ['show' => []]];
    }

    /**
     * @param  array<string, mixed>  $live
     * @param  array<string, mixed>  $draft
     */
    #[DataProvider('touched')]
    public function test_a_rule_that_an_owner_has_touched_is_left_alone(array $live, array $draft): void
    {
        $template = $this->old('Everything else', $live, $draft);
        $this->migrate();
        self::assertSame(
            [$live + self::EVERY, $draft + $live + self::EVERY],
            [$template->refresh()->live_reach, $template->draft_reach],
        );
    }

    public function test_what_covers_pages_and_is_shown_on_none_says_what_stands_in_the_way_and_what_helps(): void
    {
        $this->old('Everything else');
        $way = fn (Template $template, array $reach): mixed =>
            $this->postJson("/studio/templates/$template->id/reach", ['reach' => $reach + self::EVERY])
                ->assertOk()
                ->json('inTheWay');
        $mine = $this->template('Mine');

        $found = $way($mine, []);
        self::assertSame(['Everything else', 109, 'earlier'], [$found['name'], $found['count'], $found['do']]);
        $inks = $this->inks();
        $wide = ['show' => [
            [['field' => 'category', 'comparison' => 'isIn', 'values' => [$this->id('categories', 'Inks')]]],
        ]];
        $ink = ['show' => [[[
            'field' => 'product',
            'comparison' => 'isOneOf',
            'values' => [$this->id('products', 'Teal Tide bottled ink')],
        ]]]];
        self::assertNull($way($mine, $wide), 'It is shown on the other inks.');
        self::assertSame([null], [$way($mine, $ink)]);
        $price = ['show' => [[['field' => 'title', 'comparison' => 'contains', 'values' => ['bottled ink']]]]];
        self::assertSame(['Bottled inks', 'goes-first'], [$way($mine, $price)['name'], $way($mine, $price)['do']]);
        self::assertNull($way($mine, $price + ['goesFirst' => true]), 'That helps.');
        DB::table('pins')->insert([
            'page_kind' => 'product',
            'subject_id' => $this->id('products', 'Teal Tide bottled ink'),
            'template_id' => $inks->id,
        ]);
        self::assertSame('pins', $way($mine, $ink)['do']);
        self::assertNull($way($mine, ['show' => []]), 'Nothing is covered.');
        $this->postJson(
            '/studio/templates/order',
            ['move' => $mine->id, 'before' => Template::query()->where('name', 'Everything else')->value('id')],
        )->assertCreated();
        self::assertNull($way($mine, []), 'That helps.');
    }

    private function every(PageKind $kind): Template
    {
        $start = ['search' => 'lines', 'product' => 'compact', 'brand' => 'banner', 'footer' => 'line'][$kind->value];
        $template = $this->app->make(Templates::class)->fromStart('For all', $start, $this->owner, $kind);
        self::assertInstanceOf(Template::class, $template);
        $this->edit($template, ['edit' => 'reach', 'reach' => self::EVERY]);
        $this->publish($template);

        return $template;
    }

    private function inks(): Template
    {
        $inks = $this->template();
        $this->edit($inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($inks);

        return $inks;
    }

    /**
     * A fallback as it was with older shops.
     *
     * @param  array<string, mixed>  $live
     * @param  array<string, mixed>  $draft
     */
    private function old(string $name, array $live = [], array $draft = []): Template
    {
        $template = Template::query()->where('name', $name)->firstOrFail();
        $template->update(['live_reach' => $live + self::EVERY, 'draft_reach' => $draft + $live + self::EVERY]);

        return $template;
    }

    private function migrate(): void
    {
        (require dirname(__DIR__, 4).'/database/migrations/2026_11_30_000001_fallbacks_claim_nothing.php')->up();
    }

    /** @return array<string, list<array{int, int}>> by kind: page and template */
    private function winners(): array
    {
        $winners = [];
        $this->anew();
        foreach (PageAddresses::kinds() as $kind) {
            $sql = WinnersSql::of($this->app->make(KindRulesReader::class)->live($kind));
            $winners[$kind->value] = array_map(
                static fn (object $row): array => [$row->page_id ?? 0, $row->template_id ?? 0],
                DB::select("select page_id, template_id from ($sql->text) order by page_id", $sql->bindings),
            );
        }

        return $winners;
    }
}
