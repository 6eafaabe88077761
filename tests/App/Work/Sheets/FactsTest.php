<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** Facts: defined, grouped, ordered, filled for many products at once, and taken back as one. */
final class FactsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->owner);
    }

    public function test_a_fact_is_defined_renamed_and_stands_in_rules_all_the_same(): void
    {
        $id = $this->postJson('/studio/facts', [
            'name' => ' Lightfast ', 'kind' => 'number', 'unit' => 'points', 'decimals' => 1, 'group' => 'Ink',
        ])
            ->assertCreated()
            ->json('id');
        $this->postJson('/studio/facts', ['name' => 'LIGHTFAST', 'kind' => 'text'])->assertStatus(422)->assertJsonPath(
            'message',
            'There is a fact called “LIGHTFAST” already. Choose another name; nothing was changed.',
        );
        $template = $this->template();
        $this->edit($template, [
            'edit' => 'reach',
            'reach' => ['show' => [[['field' => 'fact', 'of' => $id, 'comparison' => 'atLeast', 'values' => [45]]]]],
        ]);
        $this->fill([[1, $id, ['4.5'], []], [2, $id, ['4.4'], []]])->assertOk();
        $this->patchJson("/studio/facts/$id", [
            'name' => 'Fast to light', 'kind' => 'number', 'unit' => 'points', 'group' => 'Ink',
        ])->assertOk();
        $this->postJson("/studio/templates/$template->id/reach", ['reach' => $template->draft_reach])
            ->assertJsonPath('covers', 1);
        $this->get('/studio/facts')->assertOk()->assertSee('Fast to light');
    }

    public function test_a_change_of_many_fields_is_taken_back_as_one(): void
    {
        [$width, $care] = [$this->id('facts', 'Nib width'), $this->id('facts', 'Care')];
        $before = $this->stored();
        $now = $this->values([1, 2]);
        $undo = $this->fill([
            [1, $width, ['0.7'], $now[1][$width] ?? []],
            [2, $width, [], $now[2][$width] ?? []],
            [2, $care, ['<p onclick="x()">Dry.</p><script>x()</script>'], $now[2][$care] ?? []],
        ])->assertOk()->json('undo');
        self::assertSame(['0.7'], $this->values([1])[1][$width]);
        self::assertSame(['<p>Dry.</p>'], $this->values([2])[2][$care]);
        $undo[0]['before'] = $this->values([2])[2][$care];
        $this->postJson('/studio/facts/values', ['changes' => $undo])->assertOk();
        self::assertEquals($before, $this->stored());
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function wrong(): iterable
    {
        yield 'words for a number' =>
            ['Nib width', ['fine'], '“Nib width” takes a number, as 0.4. Nothing was changed.'];
        yield 'too many places' => ['Nib width', ['0.45'], '“Nib width” takes a number, as 0.4. Nothing was changed.'];
        yield 'a day that is none' =>
            ['First made', ['2026-02-30'], '“First made” takes a day, as 2026-12-31. Nothing was changed.'];
        yield 'neither yes nor no' =>
            ['Stands up to water', ['perhaps'], '“Stands up to water” takes yes or no. Nothing was changed.'];
        yield 'a choice that is not offered' =>
            ['Filling', ['Magic'], '“Filling” does not offer this choice. Nothing was changed.'];
        yield 'two values for one' =>
            ['Material', ['Resin', 'Brass'], '“Material” takes one value. Nothing was changed.'];
    }

    /** @param  list<string>  $written */
    #[DataProvider('wrong')]
    public function test_one_wrong_field_changes_nothing_at_all(string $fact, array $written, string $message): void
    {
        $before = $this->stored();
        $care = $this->id('facts', 'Care');
        $this->fill([[5, $care, ['<p>New.</p>'], $this->values([5])[5][$care] ?? []], [
            1, $this->id('facts', $fact), $written, [],
        ]])
            ->assertStatus(422)->assertJsonPath('message', $message)->assertJsonPath('wrong.0.product', 1);
        self::assertEquals($before, $this->stored());
    }

    public function test_two_people_on_one_fact_nobody_is_overwritten(): void
    {
        $material = $this->id('facts', 'Material');
        $before = $this->values([1])[1][$material] ?? [];
        $this->fill([[1, $material, ['Brass'], $before]])->assertOk();
        $this->fill([[1, $material, ['Resin'], $before]])
            ->assertStatus(409)
            ->assertJsonPath('crossed.0.written', ['Brass']);
        self::assertSame(['Brass'], $this->values([1])[1][$material]);
        $this->fill([[1, $material, ['Brass'], $before]])->assertOk();
    }

    public function test_deleting_says_first_where_it_is_used(): void
    {
        $care = $this->id('facts', 'Care');
        $template = $this->template();
        $this->edit(
            $template,
            [
                'edit' => 'insert',
                'parent' => $this->block($template, 'column'),
                'after' => null,
                'node' => [
                    'kind' => 'rich-text',
                    'what' => ['text' => '<p><span data-value="product.fact" data-of="'.$care.'">Care</span></p>'],
                ],
            ],
            [
                'edit' => 'reach',
                'reach' => ['show' => [[[
                    'field' => 'fact', 'of' => $care, 'comparison' => 'isFilled', 'values' => [],
                ]]]],
            ],
        );
        $uses = $this->getJson("/studio/facts/$care/uses")->assertOk()->json();
        self::assertSame(26, $uses['products']);
        self::assertSame(
            [['id' => $template->id, 'name' => 'Bottled inks', 'live' => false, 'rule' => true, 'page' => true]],
            $uses['templates'],
        );
        self::assertSame(
            [],
            $this->getJson('/studio/facts/'.$this->id('facts', 'Material').'/uses')->json('templates'),
        );
        $this->deleteJson("/studio/facts/$care")->assertOk();
        self::assertSame(0, DB::table('fact_values')->where('fact_id', $care)->count());
        $this->getJson("/studio/templates/$template->id/news?revision=0&window=w")
            ->assertJsonPath('state.counts.covers', 0)
            ->assertJsonCount(1, 'state.counts.dead');
        $this->patchJson("/studio/facts/$care", ['name' => 'Care', 'kind' => 'text'])->assertNotFound();
    }

    public function test_the_order_is_the_owners_and_the_sheet_is_paged(): void
    {
        $ids = DB::table('facts')->orderBy('position')->pluck('id')->all();
        $wanted = [$ids[3], $ids[0]];
        $facts = $this->postJson('/studio/facts/order', ['ids' => $wanted])->assertOk()->json('facts');
        self::assertSame([$ids[3], $ids[0], $ids[1], $ids[2]], array_slice(array_column($facts, 'id'), 0, 4));
        $first = $this->getJson('/studio/facts/rows')->assertJsonPath('total', 110)->json('rows');
        $second = $this->getJson('/studio/facts/rows?page=2')->json('rows');
        self::assertCount(25, $first);
        self::assertSame([], array_intersect(array_column($first, 'id'), array_column($second, 'id')));
        $this->getJson('/studio/facts/rows?q=TEAL%20tide')->assertJsonPath('total', 2)->assertJsonPath('more', false);
    }

    /**
     * @param  list<array{int, int, list<string>, list<string>}>  $changes
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function fill(array $changes): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/studio/facts/values', ['changes' => array_map(
            static fn (array $one): array =>
                ['product' => $one[0], 'fact' => $one[1], 'written' => $one[2], 'before' => $one[3]],
            $changes,
        )]);
    }

    /** @return list<mixed> */
    private function stored(): array
    {
        return DB::table('fact_values')->orderBy('product_id')->orderBy('fact_id')->orderBy('position')->get()->map(
            static fn (object $row): array => (array) $row,
        )->all();
    }

    /**
     * @param  list<int>  $products
     * @return array<int, array<int, list<string>>>
     */
    private function values(array $products): array
    {
        return $this->app->make(\Vestibra\App\Work\Sheets\FactSheet::class)->values($products);
    }
}
