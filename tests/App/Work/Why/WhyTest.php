<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Why;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** "Why this template?": in words, with the one click that would change it. */
final class WhyTest extends TestCase
{
    private Template $inks;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        $this->inks = $this->live('Bottled inks', [['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]);
    }

    public function test_every_reason_is_told_with_its_click(): void
    {
        $this->live('Shimmer', [['category', 'isIn', [$this->id('categories', 'Shimmer inks')]]]);
        $this->live('Gifts by Hallorme', [['tag', 'hasAnyOf', [$this->id('tags', 'gift')]], ['brand', 'isOneOf', [$this
            ->id('brands', 'Hallorme')]]]);
        $this->live('Also shimmer', [['category', 'isIn', [$this->id('categories', 'Shimmer inks')]]]);
        $this->live('Not for Pellinray', [['tag', 'hasAnyOf', [$this->id('tags', 'gift')]]], ['keepOff' => [
            [['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$this->id('brands', 'Pellinray')]]],
        ]]);
        $this->live('Winter letters', [['stock', 'isOut', []]], [
            'season' => ['from' => '2026-11-27', 'until' => null],
            'goesFirst' => true,
        ]);
        $draft = $this->template('A draft');
        $this->edit($draft, $this->reach([['product', 'isOneOf', [$this->id('products', 'Night Mail bottled ink')]]]));
        $ladder = $this->ladder('Night Mail bottled ink');

        self::assertSame('Wednesday 25 November 2026 12:00', $ladder['at']);
        self::assertSame('Friday 27 November 2026 00:00', $ladder['until']);
        $rungs = array_column($ladder['rungs'], null, 'name');
        self::assertSame('Shimmer', $ladder['rungs'][0]['name']);
        self::assertSame('1 group of goods, category 3 levels down', $rungs['Shimmer']['closenessWords']);
        self::assertSame(
            ['less-close', 'Matches too, but is less close: the winner names a category deeper down.', 'pin'],
            $this->told($rungs['Bottled inks']),
        );
        self::assertSame(['no-clause-matched', 'Does not match.', 'reach'], $this->told($rungs['Gifts by Hallorme']));
        self::assertSame(['Its brand is Pellinray.'], $rungs['Gifts by Hallorme']['detail']);
        self::assertSame(
            [['tag is any of gift', false], ['brand is one of Hallorme', true]],
            array_map(array_values(...), $rungs['Gifts by Hallorme']['clause']),
        );
        self::assertSame(
            ['later-in-hand-order', 'Is as close, but stands later in the list of templates.', 'earlier'],
            $this->told($rungs['Also shimmer']),
        );
        self::assertSame(
            ['kept-off', 'Matches, but keeps off this product.', 'reach'],
            $this->told($rungs['Not for Pellinray']),
        );
        self::assertSame(
            ['out-of-season', 'Out of season. Within its season it would win here.', 'reach'],
            $this->told($rungs['Winter letters']),
        );
        self::assertSame('from Friday 27 November 2026 00:00', $rungs['Winter letters']['season']);
        self::assertSame(
            ['not-live', 'Not live. It would win here if it were published.', 'publish'],
            $this->told($rungs['A draft']),
        );
        self::assertSame(
            'Winter letters',
            $this->getJson("/studio/ladder/product/{$this->id('products', 'Night Mail bottled ink')}?at=2026-11-28")
                ->json('rungs.0.name'),
        );
    }

    public function test_rules_that_are_not_published_are_said_first(): void
    {
        $draft = $this->template('A draft');
        $this->edit($draft, $this->reach([['product', 'isOneOf', [$this->id('products', 'Teal Tide bottled ink')]]]));
        $elsewhere = $this->template('Elsewhere');
        $this->edit($elsewhere, $this->reach([['brand', 'isOneOf', [$this->id('brands', 'Hallorme')]]]));
        $wide = $this->template('Wide');
        $this->edit($wide, ['edit' => 'reach', 'reach' => ['format' => 2, 'show' => [[]], 'keepOff' => []]]);
        self::assertSame([
            ['A draft', 'It is not published. Published, it would be shown here.'],
            ['Wide', 'It is not published. It would match here, but not win.'],
        ], $this->unpublished('Teal Tide bottled ink'));
    }

    public function test_a_changed_rule_of_a_live_template_is_said_with_what_it_would_do(): void
    {
        $this->edit($this->inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Fountain pens')]]]));
        $what = 'Its rule was changed, and the change is not published.';
        self::assertSame(
            [['Bottled inks', "$what Published, it would be shown here."]],
            $this->unpublished('Wherry fountain pen'),
        );
        self::assertSame(
            [['Bottled inks', "$what Published, this product would get “Everything else” instead."]],
            $this->unpublished('Teal Tide bottled ink'),
        );
        self::assertSame([['Bottled inks', "$what It would change nothing here."]], $this->unpublished('Gift card'));
        $this->publish($this->inks);
        self::assertSame([], $this->unpublished('Wherry fountain pen'));
    }

    public function test_a_page_that_no_rule_takes_says_so(): void
    {
        $ladder = $this->ladder('Gift card');
        self::assertSame('Wins: no rule takes this product, so it gets the fallback.', $ladder['rungs'][0]['words']);
        $this->get('/p/gift-card')
            ->assertSee('No rule takes this product, so it gets the fallback.')
            ->assertDontSee('closest rule');
        $this->getJson('/studio/who/rows?q=gift+card')->assertJsonPath('rows.0.by', 'fallback');
        $this->edit(Template::query()->findOrFail(1), [
            'edit' => 'reach',
            'reach' => [
                'format' => 2,
                'show' => [[], [
                    ['field' => 'product', 'comparison' => 'isOneOf', 'values' => [$this->id('products', 'Gift card')]],
                ]],
                'keepOff' => [],
            ],
        ]);
        $this->publish(Template::query()->findOrFail(1));
        self::assertSame('Wins: the closest rule that matches.', $this->ladder('Gift card')['rungs'][0]['words']);
        $this->getJson('/studio/who/rows?q=gift+card')->assertJsonPath('rows.0.by', 'closest rule');
        $this->get('/p/gift-card')->assertSee('It has the closest rule that matches.');
    }

    /** @return list<array{string, string}> */
    private function unpublished(string $title): array
    {
        return array_map(
            static fn (array $one): array => [$one['name'], $one['words']],
            $this->ladder($title)['unpublished'],
        );
    }

    public function test_a_pin_decides_and_can_be_taken_out(): void
    {
        $pen = $this->id('products', 'Wherry fountain pen');
        $pens = $this->template('Pens');
        $this->edit($pens, $this->reach([['category', 'isIn', [$this->id('categories', 'Pens')]]]));
        $this->publish($pens);
        DB::table('pins')->insert(['page_kind' => 'product', 'subject_id' => $pen, 'template_id' => $this->inks->id]);
        $ladder = $this->ladder('Wherry fountain pen');

        self::assertSame(
            ['pin', $this->inks->id, 'Wins: the product is pinned to it.'],
            [$ladder['step'], $ladder['pinned'], $ladder['rungs'][0]['words']],
        );
        self::assertSame(['pin-decides', 'Matches, but a pin decides.', 'unpin'], $this->told($ladder['rungs'][1]));
        self::assertSame(
            ['not-needed', 'Not needed.', 'pin'],
            $this->told($ladder['rungs'][2]),
            'The fallback claims nothing.',
        );
    }

    public function test_the_tag_on_the_shops_page_is_for_the_signed_in_alone(): void
    {
        $this->get('/p/teal-tide-bottled-ink')
            ->assertSee('Open it with this product')
            ->assertSee("/studio/templates/{$this->inks->id}?sample=1", false)
            ->assertSee('/studio/why/product/teal-tide-bottled-ink', false);
        auth()->logout();
        $this->anew();
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee('From the Studio');
    }

    public function test_a_reach_is_tried_on_a_product_and_says_which_condition_decides(): void
    {
        $draft = $this->template('Cheap inks');
        $reach = ['show' => [[
            ['field' => 'category', 'comparison' => 'isIn', 'values' => [$this->id('categories', 'Bottled inks')]],
            ['field' => 'price', 'comparison' => 'atMost', 'values' => [500]],
        ]], 'keepOff' => []];
        $this->postJson("/studio/templates/$draft->id/try", ['reach' => $reach, 'subject' => 1])->assertOk()
            ->assertJsonPath('covers', false)
            ->assertJsonPath('show.0.0.holds', true)
            ->assertJsonPath('show.0.1.holds', false)
            ->assertJsonPath('show.0.1.actual', 'Its lowest price is £9.50.')->assertJsonPath('gets', 'Bottled inks');
        $reach['show'][0][1]['values'] = [1000];
        $this->postJson("/studio/templates/$draft->id/try", ['reach' => $reach, 'subject' => 1])
            ->assertJsonPath('covers', true)
            ->assertJsonPath('getsThis', true);
    }

    public function test_the_shop_is_walked_with_drafts_and_as_on_a_day_by_the_signed_in_alone(): void
    {
        $draft = $this->template('Sale page');
        $this->edit($draft, [
            'edit' => 'reach',
            'reach' => [
                'show' => [[[
                    'field' => 'category',
                    'comparison' => 'isIn',
                    'values' => [$this->id('categories', 'Bottled inks')],
                ]]],
                'keepOff' => [],
                'season' => ['from' => '2026-11-28', 'until' => null],
                'goesFirst' => true,
            ],
        ]);
        $title = $this->block($draft, 'title');
        $this->postJson('/studio/walk', ['drafts' => [$draft->id], 'at' => null])->assertOk();
        $this->get('/p/teal-tide-bottled-ink')
            ->assertDontSee($title)
            ->assertSee('with the work that is not published on “Sale page”');
        $this->postJson('/studio/walk', ['drafts' => [$draft->id], 'at' => '2026-11-28 00:00'])->assertOk();
        $this->get('/p/teal-tide-bottled-ink')->assertSee($title)->assertSee('as on Saturday 28 November 2026 00:00');
        $this->post('/studio/walk/end');
        $this->anew();
        $this->get('/p/teal-tide-bottled-ink')->assertDontSee($title);
        $this->postJson('/studio/walk', ['at' => 'soon'])->assertStatus(422);
    }

    public function test_who_gets_what_by_words_template_and_pin(): void
    {
        $this->getJson('/studio/who/rows?q=TEAL')->assertOk()
            ->assertJsonPath('rows.0.title', 'Letter set, teal')
            ->assertJsonPath('rows.0.by', 'fallback');
        $this->getJson("/studio/who/rows?template={$this->inks->id}")->assertJsonPath('total', 23)
            ->assertJsonCount(23, 'rows')
            ->assertJsonPath('rows.0.by', 'closest rule');
        DB::table('pins')->insert([
            'page_kind' => 'product',
            'subject_id' => $this->id('products', 'Gift card'),
            'template_id' => $this->inks->id,
        ]);
        $this->getJson('/studio/who/rows?step=pinned')->assertJsonPath('total', 1)->assertJsonPath('rows.0.by',
            'pinned');
        $this->get('/studio/who')->assertOk();
        $this->get('/studio/why/product/teal-tide-bottled-ink')->assertOk();
        $this->get('/studio/why/product/nothing')->assertNotFound();
    }

    /**
     * @param  list<array{string, string, list<int>}>  $show
     * @param  array<string, mixed>  $more
     */
    private function live(string $name, array $show, array $more = []): Template
    {
        $template = $this->template($name);
        $edit = $this->reach($show);
        $edit['reach'] = $more + $edit['reach'];
        $this->edit($template, $edit);
        $this->publish($template);

        return $template;
    }

    /** @return array<string, mixed> */
    private function ladder(string $title): array
    {
        return $this->getJson("/studio/ladder/product/{$this->id('products', $title)}")->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $rung
     * @return list<string|null>
     */
    private function told(array $rung): array
    {
        return [$rung['reason'], $rung['words'], $rung['change']['do'] ?? null];
    }
}
