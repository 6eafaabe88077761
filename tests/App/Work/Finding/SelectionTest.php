<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Finding;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\App\Records\Models\User;
use Vestibra\Tests\App\Doors\Shapes\Conforming;
use Vestibra\Tests\App\Factories\UserFactory;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Chance;

/** What is selected is lost by nothing but "select nothing", and even that is undone. */
final class SelectionTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_whatever_is_done_a_set_kept_in_memory_holds_the_same(): void
    {
        $chance = new Chance(29);
        $all = array_map(intval(...), DB::table('products')->where('published', 1)->pluck('id')->all());
        $filters = ['' => $all];
        foreach (['Ostrelve', 'Pellinray'] as $brand) {
            $where = rawurlencode((string) json_encode([
                ['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [$this->id('brands', $brand)]],
            ]));
            $filters["where=$where"] = array_values(array_intersect($all, array_map(
                intval(...),
                DB::table('products')->where('brand_id', $this->id('brands', $brand))->pluck('id')->all(),
            )));
        }
        $held = $before = [];
        foreach (range(1, 60) as $turn) {
            $filter = (string) $chance->pick(array_keys($filters));
            $matching = $filters[$filter];
            $deed = (string) $chance->pick(['on', 'off', 'all', 'none', 'allBut', 'range', 'undo', 'nothing']);
            $some = array_values(array_filter($all, static fn (): bool => $chance->oneIn(9)));
            $was = $held;
            $held = match ($deed) {
                'on' => array_unique([...$held, ...$some]),
                'off' => array_diff($held, $some),
                'all' => array_unique([...$held, ...$matching]),
                'none' => array_diff($held, $matching),
                'allBut' => array_diff($matching, $held),
                'range' => array_unique([...$held, ...$this->places($filter, 2, 5)]),
                'undo' => $before,
                default => [],
            };
            $state = match ($deed) {
                'on', 'off' => $this->tick($some, $deed === 'on'),
                'range' => $this->postJson("/studio/who/selection/range?$filter", [
                    'from' => 2, 'to' => 5, 'on' => true, 'ends' => [
                        $this->places($filter, 2, 2)[0], $this->places($filter, 5, 5)[0],
                    ],
                ])->assertOk()->json(),
                default => $this->postJson("/studio/who/selection/all?$filter", ['how' => $deed])->assertOk()->json(),
            };
            if ($deed !== 'on' && $deed !== 'off' || count($some) > 1) {
                $before = $was;
            }
            self::assertSame(count($held), $state['count'], "$turn: $deed");
            self::assertEqualsCanonicalizing(array_values($held), $this->selected(), "$turn: $deed");
        }
    }

    public function test_a_tick_here_and_there_is_undone_together_with_what_went_before(): void
    {
        [$one, $other, $third] = DB::table('products')->where('published', 1)->limit(3)->pluck('id')->all();
        self::assertFalse($this->tick([$one], true)['undo'], 'Nothing was done that a click does not take back.');
        $this->all('nothing');
        $this->tick([$other], true);
        self::assertSame([$other], $this->selected());
        self::assertSame(1, $this->all('undo')['count']);
        self::assertSame([$one], $this->selected());
        self::assertSame([$other], [$this->all('undo')['count'] === 1 ? $this->selected()[0] : 0]);
        $this->tick([$third], false);
        self::assertSame([$other], $this->selected());
    }

    public function test_it_is_the_persons_own_and_of_one_kind_of_page_and_there_after_signing_in_again(): void
    {
        $id = (int) DB::table('products')->where('published', 1)->value('id');
        $this->tick([$id], true);
        self::assertSame(0, $this->getJson('/studio/who/selection?kind=category')->assertOk()->json('count'));
        $this->actingAs(UserFactory::new()->create(['role' => 'owner']));
        self::assertSame(0, $this->getJson('/studio/who/selection')->json('count'));
        $this->actingAs(User::query()->findOrFail($this->owner->id));
        self::assertSame(1, $this->getJson('/studio/who/selection')->json('count'));
        self::assertSame([$id], array_column(array_filter(
            $this->getJson('/studio/who/rows?list=products')->json('rows'),
            static fn (array $row): bool => $row['selected'],
        ), 'id'), 'The list of products has the same selection.');
        $this->postJson('/studio/who/selection/tick?kind=header', ['ids' => [1], 'on' => true])->assertStatus(422);
        $this->postJson('/studio/who/selection/tick?kind=all', ['ids' => [1], 'on' => true])->assertStatus(422);
    }

    public function test_what_is_deleted_meanwhile_is_no_longer_counted_and_is_said(): void
    {
        $ids = array_map(intval(...), DB::table('products')->where('published', 1)->limit(3)->pluck('id')->all());
        $this->tick($ids, true);
        DB::table('products')->where('id', $ids[1])->delete();
        $state = $this->getJson('/studio/who/selection')->json();
        self::assertSame([2, 1], [$state['count'], $state['gone']]);
        self::assertEqualsCanonicalizing([$ids[0], $ids[2]], $this->selected());
    }

    public function test_a_range_whose_ends_have_moved_selects_nothing_and_says_so(): void
    {
        $ends = [$this->places('', 1, 1)[0], $this->places('', 4, 4)[0]];
        DB::table('products')->where('id', $this->places('', 0, 0)[0])->update(['published' => 0]);
        $this->postJson('/studio/who/selection/range', ['from' => 1, 'to' => 4, 'on' => true, 'ends' => $ends])
            ->assertStatus(409)
            ->assertJsonPath(
                'message',
                'The list has changed meanwhile. Nothing was selected. Look at it as it is now, and choose the rows '
                    .'again.',
            );
        self::assertSame([], $this->selected());
        $this->postJson('/studio/who/selection/range', ['from' => 5_000, 'to' => 5_001, 'on' => true])
            ->assertStatus(409);
    }

    public function test_what_is_pasted_is_found_by_stock_number_bar_code_and_address_however_it_is_written(): void
    {
        $variants = DB::table('variants')->join('products', 'products.id', '=', 'product_id')
            ->where('barcode', '<>', '')
            ->orderBy('variants.id')
            ->get(['variants.*', 'products.slug']);
        $ids = [];
        $written = [];
        foreach ([0, 9, 17, 26] as $way => $at) {
            $one = $variants[$at];
            $ids[] = $one->product_id;
            $written[] = match ($way) {
                0 => $one->sku,
                1 => strtolower($one->sku),
                2 => $one->barcode,
                default => "https://larkfold.example/p/{$one->slug}?from=letter",
            };
        }
        $text = "{$written[0]}\r\n{$written[1]}; nothing-like-it\t{$written[2]},{$written[3]}\n{$written[0]}";
        $answer = $this->postJson('/studio/who/selection/paste', ['text' => $text])->assertOk()->json();
        self::assertNull((new Conforming(Shapes::ofProject()))->to('PastedAnswer', $answer));
        self::assertSame(
            [5, 4, ['nothing-like-it'], 1, 4],
            [
                $answer['named'], $answer['found'], $answer['unknown'], $answer['unknownCount'],
                $answer['selection']['count'],
            ],
        );
        self::assertEqualsCanonicalizing($ids, $this->selected());
        $slug = (string) DB::table('categories')->value('slug');
        self::assertSame(
            1,
            $this->postJson('/studio/who/selection/paste?kind=category', ['text' => "/c/$slug/"])->json('found'),
        );
    }

    public function test_what_is_no_list_is_refused_and_leaves_the_selection_alone(): void
    {
        $this->tick([(int) DB::table('products')->value('id')], true);
        foreach ([['text' => " \n "], ['text' => ['x']], []] as $body) {
            $this->postJson('/studio/who/selection/paste', $body)->assertStatus(422);
        }
        $this->postJson('/studio/who/selection/paste', ['text' => str_repeat('a ', 1_000_001)])->assertStatus(413);
        $found = $this->postJson('/studio/who/selection/paste',
            ['text' => "∅ '; drop table x; % \0"])->assertOk()->json();
        self::assertSame([0, 1], [$found['found'], $found['selection']['count']]);
        $this->postJson('/studio/who/selection/all', ['how' => 'everything'])->assertStatus(422);
        $this->tick([0, -3, 999_999], true);
        self::assertSame(1, $this->getJson('/studio/who/selection')->json('count'));
    }

    /**
     * @param  list<int>  $ids
     * @return array{count: int, gone: int, revision: int, undo: bool}
     */
    private function tick(array $ids, bool $on): array
    {
        return $this->postJson('/studio/who/selection/tick', ['ids' => $ids, 'on' => $on])->assertOk()->json();
    }

    /** @return array{count: int, gone: int, revision: int, undo: bool} */
    private function all(string $how): array
    {
        return $this->postJson('/studio/who/selection/all', ['how' => $how])->assertOk()->json();
    }

    /** @return list<int> */
    private function places(string $filter, int $from, int $to): array
    {
        return array_slice(
            array_column($this->getJson("/studio/who/rows?$filter")->json('rows'), 'id'),
            $from,
            $to - $from + 1,
        );
    }

    /** @return list<int> */
    private function selected(): array
    {
        $ids = [];
        for ($from = 0; ; $from += 50) {
            $page = $this->getJson("/studio/who/rows?list=products&selected=1&from=$from")->assertOk()->json();
            $ids = [...$ids, ...array_column($page['rows'], 'id')];
            if (count($ids) >= $page['total']) {
                return $ids;
            }
        }
    }
}
