<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Releases;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Template;
use Vestibra\Tests\App\TestCase;

/** Publishing what counts later says what will happen then, and Today lists it under what waits for its time. */
final class SeasonsTest extends TestCase
{
    private Template $sale;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-25T12:00:00Z');
        $this->actingAs($this->owner);
        $inks = $this->template('Inks');
        $this->edit($inks, $this->reach([['category', 'isIn', [$this->id('categories', 'Shimmer inks')]]]));
        $this->publish($inks);
        $this->sale = $this->template('Winter sale');
        $reach = $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]);
        $reach['reach'] += [
            'season' => ['from' => '2026-12-01T00:00:00Z', 'until' => '2026-12-05T00:00:00Z'],
            'goesFirst' => true,
        ];
        $this->edit($this->sale, $reach);
    }

    public function test_the_impact_says_which_pages_move_at_its_start_and_back_at_its_end(): void
    {
        $impact = $this->getJson("/studio/templates/{$this->sale->id}/impact")->assertOk();
        self::assertSame([0, []], [$impact->json('moved'), $impact->json('concerns')]);
        [$begins, $ends] = $impact->json('turns');
        self::assertSame(['2026-12-01T00:00:00Z', true, 23], [$begins['at'], $begins['begins'], $begins['moved']]);
        self::assertSame([['Everything else', 'Winter sale', 17], ['Inks', 'Winter sale', 6]], $this->moves($begins));
        self::assertSame(['2026-12-05T00:00:00Z', false, 23], [$ends['at'], $ends['begins'], $ends['moved']]);
        self::assertSame([['Winter sale', 'Everything else', 17], ['Winter sale', 'Inks', 6]], $this->moves($ends));
    }

    public function test_once_its_season_has_begun_only_its_end_lies_ahead(): void
    {
        $this->travelTo('2026-12-02T00:00:00Z');
        $impact = $this->getJson("/studio/templates/{$this->sale->id}/impact");
        self::assertSame([23, [false]], [$impact->json('moved'), array_column($impact->json('turns'), 'begins')]);
    }

    public function test_today_lists_it_under_what_waits_and_not_under_what_needs_attention(): void
    {
        $this->publish($this->sale);
        preg_match('#id="screen">(.*?)</script>#s', (string) $this->get('/studio/today')->getContent(), $found);
        $data = json_decode($found[1] ?? '', true)['data'];
        self::assertSame(
            [['Winter sale', 23, 'from Tuesday 1 December 2026 00:00 until Saturday 5 December 2026 00:00']],
            array_map(
                static fn (array $one): array => [$one['name'], $one['count'], $one['season']],
                $data['live']['ahead'],
            ),
        );
        self::assertNotContains('shown-on-nothing', array_column($data['attention'], 'what'));
    }

    public function test_one_that_would_be_shown_on_nothing_even_then_is_said(): void
    {
        $reach = $this->reach([['price', 'atLeast', [99_999_999]]]);
        $reach['reach'] += ['season' => ['from' => '2026-12-01T00:00:00Z']];
        $this->edit($this->sale, $reach);
        self::assertSame(
            ["nothing/{$this->sale->id}"],
            array_column($this->getJson("/studio/templates/{$this->sale->id}/impact")->json('concerns'), 'spoken'),
        );
        $this->publish($this->sale);
        $this->get('/studio/today')->assertSee('“Winter sale” will be shown on no page when its season begins.', false);
    }

    public function test_the_pages_of_a_release_that_waits_are_listed_for_its_instant(): void
    {
        $query = 'due=2026-12-02T10:00&from=1&to='.$this->sale->id;
        self::assertSame(
            17,
            $this->getJson("/studio/templates/{$this->sale->id}/impact/group?$query")->assertOk()->json('count'),
        );
        $waiting = $this->postJson(
            '/studio/publish',
            ['revisions' => [$this->sale->id => $this->sale->draft_revision], 'due' => '2026-12-02T10:00'],
        )->assertCreated();
        self::assertSame(23, $waiting->json('impact.moved'));
        $group = $this->getJson("/studio/releases/{$waiting->json('id')}/group?from=1&to={$this->sale->id}")
            ->assertOk();
        self::assertSame([17, 17], [$group->json('count'), count($group->json('pages'))]);
        $this->postJson("/studio/releases/{$waiting->json('id')}/call-off")->assertOk();
        $this->getJson("/studio/releases/{$waiting->json('id')}/group?from=1&to={$this->sale->id}")->assertStatus(409);
    }

    public function test_a_price_in_a_shared_part_is_a_price(): void
    {
        $part = $this->template('Buying');
        DB::table('templates')->where('id', $part->id)->update([
            'page_kind' => '',
            'role' => 'part',
            'draft_reach' => json_encode(['format' => 2, 'show' => [], 'keepOff' => []]),
        ]);
        $this->publish($part->refresh());
        foreach (['price', 'buy'] as $kind) {
            $this->edit($this->sale, ['edit' => 'remove', 'id' => $this->block($this->sale, $kind)]);
        }
        $concerns = fn (): array =>
            array_column($this->getJson("/studio/templates/{$this->sale->id}/impact")->json('concerns'), 'spoken');
        self::assertSame(["price/{$this->sale->id}", "buy/{$this->sale->id}"], $concerns());
        $this->edit($this->sale, [
            'edit' => 'insert',
            'parent' => $this->sale->draft_tree['page']['id'],
            'after' => null,
            'node' => ['id' => 'place', 'kind' => 'shared-band', 'what' => ['part' => $part->id]],
        ]);
        self::assertSame([], $concerns());
    }

    /**
     * @param  array<string, mixed>  $turn
     * @return list<array{string, string, int}>
     */
    private function moves(array $turn): array
    {
        return array_map(
            static fn (array $move): array => [$move['fromName'], $move['toName'], $move['count']],
            $turn['moves'],
        );
    }
}
