<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Tests\Core\Chance;

final class ReachReaderTest extends TestCase
{
    public function test_what_is_written_is_read_again(): void
    {
        $reach = World::reach([[World::in(1, 2), World::is('brand', 'hasNone')], []], [
            [World::is('tag', 'hasAllOf', 1)],
        ]);

        self::assertEquals($reach, $this->read($reach->toArray()));
    }

    public function test_values_are_sorted_and_merged(): void
    {
        $reach = $this->read(['show' => [[['field' => 'tag', 'comparison' => 'hasAnyOf', 'values' => [9, 2, 9]]]]]);

        self::assertInstanceOf(Reach::class, $reach);
        self::assertSame([2, 9], $reach->show[0]->conditions[0]->values);
    }

    /** @return iterable<string, array{mixed, string, string}> */
    public static function malformed(): iterable
    {
        $with = static fn (mixed $condition): array => ['show' => [[$condition]]];
        yield 'not an object' => ['ink', 'reach.not-an-object', ''];
        yield 'another format' => [['format' => 3], 'reach.unknown-format', 'format'];
        yield 'an unknown part' => [['hide' => []], 'reach.unknown-part', 'hide'];
        yield 'show is no list' => [['show' => 'all'], 'reach.not-a-list', 'show'];
        yield 'a clause is no list' => [['show' => ['ink']], 'reach.not-a-list', 'show/0'];
        yield 'a condition is no object' => [$with('ink'), 'reach.not-a-condition', 'show/0/0'];
        yield 'an unknown field' => [
            $with(['field' => 'smell', 'comparison' => 'isIn', 'values' => [1]]),
            'reach.unknown-comparison',
            'show/0/0',
        ];
        yield 'an unknown comparison' => [
            $with(['field' => 'brand', 'comparison' => 'isIn', 'values' => [1]]),
            'reach.unknown-comparison',
            'show/0/0',
        ];
        yield 'no values' =>
            [$with(['field' => 'brand', 'comparison' => 'isOneOf', 'values' => []]), 'reach.no-values', 'show/0/0'];
        yield 'values where none are taken' => [
            $with(['field' => 'brand', 'comparison' => 'hasNone', 'values' => [1]]),
            'reach.values-not-taken',
            'show/0/0',
        ];
        yield 'a name instead of an id' => [
            $with(['field' => 'brand', 'comparison' => 'isOneOf', 'values' => ['Ostrelve']]),
            'reach.not-an-id',
            'show/0/0',
        ];
        yield 'an id below 1' =>
            [$with(['field' => 'brand', 'comparison' => 'isOneOf', 'values' => [0]]), 'reach.not-an-id', 'show/0/0'];
        yield 'keep off everything' => [['show' => [[]], 'keepOff' => [[]]], 'reach.keep-off-everything', 'keepOff/0'];
        yield 'too many clauses' => [['show' => array_fill(0, 201, [])], 'reach.too-many-clauses', 'show'];
        yield 'too many conditions' => [
            ['show' => [array_fill(0, 21, ['field' => 'brand', 'comparison' => 'hasNone'])]],
            'reach.too-many-conditions',
            'show/0',
        ];
        $is = static fn (string $field, string $comparison, mixed ...$values): array =>
            $with(['field' => $field, 'comparison' => $comparison, 'values' => $values]);
        yield 'a number written as text' => [$is('price', 'atLeast', '900'), 'reach.not-a-number', 'show/0/0'];
        yield 'an amount below zero' => [$is('price', 'atMost', -1), 'reach.not-a-number', 'show/0/0'];
        yield 'two amounts where one is taken' => [$is('price', 'atMost', 1, 2), 'reach.not-a-number', 'show/0/0'];
        yield 'one amount where two are taken' => [$is('price', 'between', 1), 'reach.not-a-number', 'show/0/0'];
        yield 'a minimum above its maximum' => [$is('price', 'between', 900, 899), 'reach.min-above-max', 'show/0/0'];
        yield 'less than one star' => [$is('rating', 'atLeast', 9), 'reach.not-a-number', 'show/0/0'];
        yield 'more than five stars' => [$is('rating', 'atLeast', 51), 'reach.not-a-number', 'show/0/0'];
        yield 'no days' => [$is('added', 'withinDays', 0), 'reach.not-a-number', 'show/0/0'];
        yield 'no such day' => [$is('added', 'since', '2026-02-30'), 'reach.not-a-date', 'show/0/0'];
        yield 'two days' => [$is('added', 'before', '2026-02-01', '2026-02-02'), 'reach.not-a-date', 'show/0/0'];
        yield 'a title without a word' => [$is('title', 'contains', ' — '), 'reach.no-words', 'show/0/0'];
        yield 'a title that is too long' =>
            [$is('title', 'contains', str_repeat('a', 201)), 'reach.no-words', 'show/0/0'];
        yield 'broken text' => [$is('title', 'contains', "\xC3\x28"), 'reach.no-words', 'show/0/0'];
        yield 'a fact without saying which' => [$is('fact', 'isFilled'), 'reach.not-a-condition', 'show/0/0'];
        yield 'of where there is no fact' => [
            $with(['field' => 'sale', 'of' => 1, 'comparison' => 'isOn', 'values' => []]),
            'reach.not-a-condition',
            'show/0/0',
        ];
        yield 'a fact that is not there' => [
            $with(['field' => 'fact', 'of' => 99, 'comparison' => 'isFilled']),
            'reach.fact-does-not-compare',
            'show/0/0',
        ];
        yield 'a number fact asked for words' => [
            $with(['field' => 'fact', 'of' => 2, 'comparison' => 'isOneOf', 'values' => ['4']]),
            'reach.fact-does-not-compare',
            'show/0/0',
        ];
        yield 'blank text of a fact' => [
            $with(['field' => 'fact', 'of' => 1, 'comparison' => 'isOneOf', 'values' => [' ']]),
            'reach.no-words',
            'show/0/0',
        ];
        yield 'a part of a condition that is unknown' => [
            $with(['field' => 'sale', 'comparison' => 'isOn', 'colour' => 'red']),
            'reach.not-a-condition',
            'show/0/0',
        ];
        yield 'a field of another page kind' => [$is('results', 'atMost', 0), 'reach.unknown-comparison', 'show/0/0'];
        yield 'a season that is no season' => [['season' => 'winter'], 'reach.not-a-season', 'season'];
        yield 'a season with another part' =>
            [['season' => ['from' => null, 'name' => 'winter']], 'reach.not-a-season', 'season'];
        yield 'a season that begins on no day' => [['season' => ['from' => 'Friday']], 'reach.not-a-season', 'season'];
        yield 'a season that ends before it starts' =>
            [['season' => ['from' => '2026-12-02', 'until' => '2026-12-01']], 'reach.ends-before-it-starts', 'season'];
        yield 'a season of no time at all' => [
            ['season' => ['from' => '2026-12-02 10:00', 'until' => '2026-12-02 10:00']],
            'reach.ends-before-it-starts',
            'season',
        ];
        yield 'goes first is no yes or no' => [['goesFirst' => 1], 'reach.not-yes-or-no', 'goesFirst'];
        yield 'too many values' => [
            $with(['field' => 'brand', 'comparison' => 'isOneOf', 'values' => range(1, 5001)]),
            'reach.too-many-values',
            'show/0/0',
        ];
    }

    #[DataProvider('malformed')]
    public function test_what_is_malformed_is_reported_by_path(mixed $input, string $code, string $path): void
    {
        $problems = $this->read($input);

        self::assertIsArray($problems);
        self::assertSame([$code, $path], [$problems[0]->code->value, $problems[0]->path]);
    }

    /** @return iterable<string, array{array<string, mixed>, list<int|string>}> */
    public static function written(): iterable
    {
        yield 'a bare date in the shop’s zone' =>
            [['field' => 'added', 'comparison' => 'since', 'values' => ['2026-07-01']], ['2026-06-30T23:00:00Z']];
        yield 'an instant' => [
            ['field' => 'added', 'comparison' => 'before', 'values' => ['2026-07-01T12:00:00+02:00']],
            ['2026-07-01T10:00:00Z'],
        ];
        yield 'words, trimmed' =>
            [['field' => 'title', 'comparison' => 'contains', 'values' => [' Teal ink ']], ['Teal ink']];
        yield 'texts folded alike are one' => [
            ['field' => 'fact', 'of' => 1, 'comparison' => 'isOneOf', 'values' => ['Resin', 'RESIN ', 'brass']],
            ['brass', 'Resin'],
        ];
        yield 'a date of a fact as a number' =>
            [['field' => 'fact', 'of' => 3, 'comparison' => 'atLeast', 'values' => ['2026-12-31']], [20261231]];
        yield 'both ends may be the same' =>
            [['field' => 'price', 'comparison' => 'between', 'values' => [900, 900]], [900, 900]];
        yield 'one star and five' => [['field' => 'rating', 'comparison' => 'atLeast', 'values' => [50]], [50]];
    }

    /**
     * @param  array<string, mixed>  $condition
     * @param  list<int|string>  $values
     */
    #[DataProvider('written')]
    public function test_values_are_kept_as_they_are_compared(array $condition, array $values): void
    {
        $reach = $this->read(['show' => [[$condition]]]);
        self::assertInstanceOf(Reach::class, $reach);
        self::assertSame($values, $reach->show[0]->conditions[0]->values);
    }

    public function test_a_season_is_kept_as_instants_and_a_typed_end_date_means_the_end_of_that_day(): void
    {
        $reach = $this->read(['season' => ['from' => '2026-07-01', 'until' => '2026-07-31'], 'goesFirst' => true]);
        self::assertInstanceOf(Reach::class, $reach);
        self::assertSame(
            ['from' => '2026-06-30T23:00:00Z', 'until' => '2026-07-31T23:00:00Z'],
            $reach->toArray()['season'],
        );
        self::assertTrue($reach->goesFirst);
        self::assertSame([true, false], [
            $reach->season->holds(strtotime('2026-07-31T22:59:59Z')),
            $reach->season->holds(strtotime('2026-07-31T23:00:00Z')),
        ]);
        self::assertSame([false, true], [
            $reach->season->holds(strtotime('2026-06-30T22:59:59Z')),
            $reach->season->holds(strtotime('2026-06-30T23:00:00Z')),
        ]);
    }

    public function test_a_reach_of_format_1_is_brought_forward(): void
    {
        $reach = $this->read(['format' => 1, 'show' => [[]], 'keepOff' => []]);
        self::assertInstanceOf(Reach::class, $reach);
        self::assertSame(
            [2, false, true],
            [$reach->toArray()['format'], $reach->goesFirst, $reach->season->isAlways()],
        );
    }

    public function test_generated_reaches_are_read_as_they_were_written(): void
    {
        for ($seed = 1; $seed <= 400; $seed++) {
            $rules = new RandomRules(
                new Chance($seed),
                [
                    'category' => [1, 2, 3], 'brand' => [1, 2], 'tag' => [1, 2], 'collection' => [4], 'product' => [7],
                    'option' => [1], 'option-value' => [1, 2],
                ],
                array_values(self::facts()),
            );
            $reach = (new ReachReader(RuleFields::standard(), ShopZone::of('Europe/London'), PageKind::Product))
                ->parse($rules->reach());
            self::assertInstanceOf(Reach::class, $reach, "seed $seed");
            self::assertEquals(
                $reach,
                (new ReachReader(RuleFields::standard(), ShopZone::of('Asia/Tokyo'), PageKind::Product))
                    ->parse(json_decode((string) json_encode($reach->toArray()), true)),
                "seed $seed",
            );
        }
    }

    /** @return array<int, Fact> */
    private static function facts(): array
    {
        return [
            1 => new Fact(1, 'Material', FactKind::Text),
            2 => new Fact(2, 'Width', FactKind::Number),
            3 => new Fact(3, 'Made', FactKind::Date),
        ];
    }

    public function test_the_limits_themselves_are_allowed(): void
    {
        self::assertInstanceOf(Reach::class, $this->read(['show' => array_fill(0, 200, [])]));
        self::assertInstanceOf(
            Reach::class,
            $this->read(['show' => [[['field' => 'brand', 'comparison' => 'isOneOf', 'values' => range(1, 5000)]]]]),
        );
        self::assertInstanceOf(
            Reach::class,
            $this->read(['show' => [array_fill(0, 20, ['field' => 'brand', 'comparison' => 'hasNone'])]]),
        );
    }

    /** @return Reach|list<\Vestibra\Core\Problem> */
    private function read(mixed $input): Reach|array
    {
        return (
            new ReachReader(RuleFields::standard(), ShopZone::of('Europe/London'), PageKind::Product, self::facts())
        )->parse($input);
    }
}
