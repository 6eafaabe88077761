<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use LogicException;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\AddedWithin;
use Vestibra\Core\Reach\Checks\FactEmpty;
use Vestibra\Core\Reach\Checks\FactFilled;
use Vestibra\Core\Reach\Checks\FactHasAny;
use Vestibra\Core\Reach\Checks\FactInRange;
use Vestibra\Core\Reach\Checks\HasAll;
use Vestibra\Core\Reach\Checks\HasAny;
use Vestibra\Core\Reach\Checks\HasNoneOf;
use Vestibra\Core\Reach\Checks\HasNothing;
use Vestibra\Core\Reach\Checks\InRange;
use Vestibra\Core\Reach\Checks\NeverHolds;
use Vestibra\Core\Reach\Checks\OffersOption;
use Vestibra\Core\Reach\Checks\OffersTogether;
use Vestibra\Core\Reach\Checks\OffersValue;
use Vestibra\Core\Reach\Checks\RatedAtLeast;
use Vestibra\Core\Reach\Checks\TitleWords;
use Vestibra\Core\Reach\Closeness;
use Vestibra\Core\Reach\CompiledClause;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Reach\VariantCheck;
use Vestibra\Tests\Core\Chance;
use Vestibra\Tests\Core\Outside;
use Vestibra\Tests\Core\Reach\World as W;

/** Rules against npm json-logic-js, closeness against npm specificity, on generated cases. */
final class OutsideTest extends TestCase
{
    private const CASES = 4000;

    /** A clause translated to JsonLogic (jsonlogic.com) gives the same answer. */
    public function test_clauses_agree_with_json_logic(): void
    {
        $cases = $ours = [];
        $reader = new ReachReader(RuleFields::standard(), ShopZone::of('Europe/London'), PageKind::Product);
        for ($seed = 1; $seed <= self::CASES; $seed++) {
            $chance = new Chance($seed);
            $rules = new RandomRules($chance, [
                'category' => [W::INK, W::BOTTLED, W::SHIMMER, W::PENS, W::FOUNTAIN, W::DELETED],
                'brand' => [W::OSTRELVE, W::HALLORME, W::DELETED],
                'tag' => [W::GIFT, W::LETTERS, W::DELETED],
                'collection' => [4, 5],
                'product' => [W::PRODUCT, 8],
                'option' => [1, 2, 3],
                'option-value' => [1, 2, 3, 4],
            ],
                [
                    new Fact(1, 'Material', FactKind::Text),
                    new Fact(2, 'Width', FactKind::Number),
                    new Fact(3, 'Refillable', FactKind::YesNo),
                ]);
            $reach = $reader->parse(['show' => $rules->clauses(1, 1)]);
            self::assertInstanceOf(Reach::class, $reach);
            $clause = W::compiler()->compile($reach)->show[0];
            [$features, $data] = self::page($chance);
            $cases[] = ['rule' => self::clause($clause), 'data' => $data];
            $ours[] = $clause->matches($features);
        }
        $theirs = Outside::ask('json-logic.mjs', $cases);
        foreach ($ours as $at => $answer) {
            self::assertSame($theirs[$at], $answer, 'seed '.($at + 1).': '.json_encode($cases[$at]));
        }
        self::assertGreaterThan(self::CASES / 10, count(array_filter($ours)));
    }

    /** Tuples of three are ordered as npm specificity orders selectors (W3C Selectors Level 4). */
    public function test_closeness_is_ordered_as_specificity(): void
    {
        $chance = new Chance(1);
        $pairs = [];
        for ($case = 0; $case < 2000; $case++) {
            $draw = static fn (): array => [$chance->number(0, 2), $chance->number(0, 12), $chance->number(0, 30)];
            $pairs[] = [$draw(), $draw()];
        }
        foreach (Outside::ask('specificity.mjs', $pairs) as $at => $order) {
            [$one, $other] = $pairs[$at];
            self::assertSame(
                $order <=> 0,
                (new Closeness(...$one))->compare(new Closeness(...$other)) <=> 0,
                (string) json_encode($pairs[$at]),
            );
        }
    }

    /** @return array{Features, array<string, mixed>} */
    private static function page(Chance $chance): array
    {
        $in = $chance->oneIn(5) ? [] : $chance->some([W::INK, W::BOTTLED, W::SHIMMER, W::PENS, W::FOUNTAIN], 2);
        $sets = [
            Aspect::Product->value => [W::PRODUCT],
            Aspect::CategoryExactly->value => $in,
            Aspect::CategoryWithin->value => W::tree()->upwards($in),
            Aspect::Brand->value => $chance->pick([[], [W::OSTRELVE], [W::HALLORME]]),
            Aspect::Tag->value => $chance->oneIn(3) ? [] : $chance->some([W::GIFT, W::LETTERS], 2),
            Aspect::Collection->value => $chance->oneIn(2) ? [] : [4],
        ];
        $counted = $chance->oneIn(2);
        $numbers = array_filter([
            Quantity::Price->value => $chance->oneIn(6) ? null : $chance->number(0, 12) * 100,
            Quantity::Sale->value => $chance->number(0, 1),
            Quantity::Stock->value => $counted ? $chance->number(0, 8) : null,
            Quantity::Supply->value => $counted ? $chance->number(0, 1) : 9_000_000,
            Quantity::Reviews->value => $chance->number(0, 4),
            Quantity::Added->value => W::at($chance->pick(RandomRules::INSTANTS))->getTimestamp()
                - $chance->number(0, 3) * 86_400,
            Quantity::Pictures->value => $chance->number(0, 4),
            Quantity::Variants->value => $chance->number(0, 4),
            Quantity::Described->value => $chance->number(0, 1),
            'stars' => $chance->number(0, 20),
        ], is_int(...));
        $words = $chance->some(['teal', 'ink', 'strasse', '14', 'n'], 3);
        $variants = $chance->oneIn(4) ? [] : [[1 => $chance->number(1, 2), 2 => 3], [1 => 2]];
        $facts = array_filter([
            1 => $chance->pick([[], ['resin'], ['strasse']]),
            2 => $chance->pick([[], [4], [-2]]),
            3 => $chance->pick([[], ['yes'], ['no']]),
        ]);
        $at = W::at($chance->pick(RandomRules::INSTANTS));
        $features = Features::of(PageKind::Product, W::PRODUCT, $at, $sets, $numbers, $words, $variants, $facts);

        return [$features, [
            'sets' => (object) array_combine(
                array_map(static fn (int $aspect): string => "a$aspect", array_keys($sets)),
                array_values($sets),
            ),
            'n' => (object) $numbers,
            'words' => $words,
            'variants' => array_map(
                static fn (array $values): array => [
                    ...array_map(static fn (int $option): string => "o$option", array_keys($values)),
                    ...array_map(static fn (int $value): string => "v$value", array_values($values)),
                ],
                $variants,
            ),
            'facts' => (object) array_combine(
                array_map(static fn (int $fact): string => "f$fact", array_keys($facts)),
                array_values($facts),
            ),
            'now' => $at->getTimestamp(),
        ]];
    }

    /** @return array<string, mixed> */
    private static function clause(CompiledClause $clause): array
    {
        $rules = $offers = [];
        foreach ($clause->conditions as $condition) {
            if ($condition->check instanceof VariantCheck) {
                $offers[] = $condition->check;
            } else {
                $rules[] = self::rule($condition->check);
            }
        }
        if ($offers !== []) {
            $rules[] = self::rule(new OffersTogether($offers));
        }

        return ['and' => [true, ...$rules]];
    }

    private static function rule(Check $check): mixed
    {
        $own = ['var' => ''];
        $set = static fn (Aspect $aspect): array => ['var' => "sets.a$aspect->value"];
        $number = static fn (Quantity $quantity): array => ['var' => "n.$quantity->value"];

        return match (true) {
            $check instanceof HasAny => ['some' => [$set($check->aspect), ['in' => [$own, $check->ids]]]],
            $check instanceof HasNoneOf => ['none' => [$set($check->aspect), ['in' => [$own, $check->ids]]]],
            $check instanceof HasAll => ['and' => [
                true,
                ...array_map(static fn (int $id): array => ['in' => [$id, $set($check->aspect)]], $check->ids),
            ]],
            $check instanceof HasNothing => ['!' => [$set($check->aspect)]],
            $check instanceof NeverHolds => false,
            $check instanceof InRange => ['and' => [
                ['!==' => [$number($check->quantity), null]],
                ...self::range($number($check->quantity), $check->min, $check->max),
            ]],
            $check instanceof RatedAtLeast => ['and' => [
                ['>' => [$number(Quantity::Reviews), 0]],
                ['>=' => [['*' => [['var' => 'n.stars'], 10]], ['*' => [$number(Quantity::Reviews), $check->tenths]]]],
            ]],
            $check instanceof AddedWithin => ['and' => [
                ['<=' => [$number(Quantity::Added), ['var' => 'now']]],
                ['<' => [['var' => 'now'], ['+' => [$number(Quantity::Added), $check->days * 86_400]]]],
            ]],
            $check instanceof TitleWords => ['and' => [true, ...array_map(static fn (string $word): array => [
                'some' => [['var' => 'words'], ['===' => [['substr' => [$own, 0, mb_strlen($word)]], $word]]],
            ], $check->words)]],
            $check instanceof OffersTogether => [
                'some' => [['var' => 'variants'], ['and' => [true, ...array_map(self::offer(...), $check->parts)]]],
            ],
            $check instanceof FactFilled => ['!!' => [['var' => "facts.f$check->factId"]]],
            $check instanceof FactEmpty => ['!' => [['var' => "facts.f$check->factId"]]],
            $check instanceof FactHasAny => [
                'some' => [['var' => "facts.f$check->factId"], ['in' => [$own, $check->values]]],
            ],
            $check instanceof FactInRange => ['some' => [['var' => "facts.f$check->factId"], [
                'and' => [true, ...self::range($own, $check->min, $check->max)],
            ]]],
            default => throw new LogicException('No JsonLogic for '.$check::class),
        };
    }

    /** @return array<string, mixed> */
    private static function offer(VariantCheck $check): array
    {
        $names = match (true) {
            $check instanceof OffersOption => array_map(static fn (int $id): string => "o$id", $check->ids),
            $check instanceof OffersValue => array_map(static fn (int $id): string => "v$id", $check->ids),
            default => throw new LogicException('No JsonLogic for '.$check::class),
        };

        return [
            'or' => [false, ...array_map(static fn (string $name): array => ['in' => [$name, ['var' => '']]], $names)],
        ];
    }

    /**
     * @param  array<string, mixed>  $what
     * @return list<array<string, mixed>>
     */
    private static function range(array $what, ?int $min, ?int $max): array
    {
        return array_values(array_filter([
            $min === null ? null : ['>=' => [$what, $min]],
            $max === null ? null : ['<=' => [$what, $max]],
        ]));
    }
}
