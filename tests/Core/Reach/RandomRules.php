<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

use LogicException;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Reach\Fields\FactField;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Tests\Core\Chance;

/** Draws conditions, clauses and reaches of every field and comparison, over a given little catalogue. */
final readonly class RandomRules
{
    public const TEXTS = ['Resin', 'RESIN ', 'brass', 'Straße', 'strasse', 'æther', 'Piston', '100%', 'a_b'];

    public const WORDS = ['tea', 'TEAL', 'ink', 'Straße', 'ÆTHER', 'n', '14', 'fountain pen', 'é', '%'];

    public const INSTANTS = [
        '2026-03-29T00:59:59Z', '2026-03-29T01:00:00Z', '2026-10-25T00:30:00Z', '2026-10-25T01:30:00Z',
        '2026-11-24T23:59:59Z', '2026-11-25T00:00:00Z', '2026-12-01T00:00:00Z',
    ];

    /**
     * @param  array<string, non-empty-list<int>>  $things  what there is, and what was deleted, by things
     * @param  non-empty-list<Fact>  $facts
     */
    public function __construct(
        private Chance $chance,
        private array $things,
        private array $facts,
        private PageKind $kind = PageKind::Product,
    ) {
    }

    /**
     * @return array{format: int, show: list<mixed>, keepOff: list<mixed>, season: array<string, string|null>,
     *     goesFirst: bool}
     */
    public function reach(): array
    {
        $season = $this->chance->oneIn(4) ? ['from' => $this->maybe(), 'until' => $this->maybe()] : [];
        if (isset($season['from'], $season['until']) && $season['until'] <= $season['from']) {
            $season['until'] = null;
        }

        $large = $this->chance->oneIn(15);
        if (RuleFields::standard()->on($this->kind) === []) {
            return [
                'format' => 2,
                'show' => $this->chance->oneIn(3) ? [] : [[]],
                'keepOff' => [],
                'season' => $season,
                'goesFirst' => $this->chance->oneIn(5),
            ];
        }

        return [
            'format' => 2,
            'show' => $large ? $this->clauses(9, 9) : ($this->chance->oneIn(6) ? [[]] : $this->clauses(1, 3)),
            'keepOff' => $large ? $this->clauses(7, 7) : ($this->chance->oneIn(3) ? $this->clauses(1, 2) : []),
            'season' => $season,
            'goesFirst' => $this->chance->oneIn(5),
        ];
    }

    /** @return list<list<array<string, mixed>>> */
    public function clauses(int $least, int $most): array
    {
        return array_map(
            fn (): array =>
                array_map(fn (): array => $this->condition()->toArray(), range(1, $this->chance->number(1, 3))),
            range(1, $this->chance->number($least, $most)),
        );
    }

    public function condition(): Condition
    {
        $fields = RuleFields::standard()->on($this->kind);
        $field = $this->chance->pick(array_keys($fields));
        if ($field === 'fact') {
            return $this->onFact();
        }
        $comparison = $this->chance->pick($fields[$field]);
        $things = $comparison->things ?? $field;

        return new Condition($field, $comparison->name, match ($comparison->takes) {
            ConditionValues::Nothing => [],
            ConditionValues::Names => self::sorted($this->chance->some($this->things[$things]
                ?? throw new LogicException("Generated rules need numbers of $things."), 3)),
            ConditionValues::Money => [$this->chance->number(0, 12) * 100],
            ConditionValues::MoneyRange => self::sorted(
                [$this->chance->number(0, 12) * 100, $this->chance->number(0, 12) * 100],
            ),
            ConditionValues::Count => [$this->chance->number(0, 9)],
            ConditionValues::Days => [$this->chance->number(1, 40)],
            ConditionValues::Stars => [$this->chance->number(10, 50)],
            ConditionValues::Instant => [$this->chance->pick(self::INSTANTS)],
            ConditionValues::Words => [$this->chance
                ->pick(array_values(array_filter(self::WORDS, static fn (string $word): bool => $word !== '%')))],
            ConditionValues::PageKinds => [$this->chance->pick(['product', 'category', 'collection', 'cart'])],
            default => throw new LogicException("Generated rules have no values for $field.$comparison->name."),
        });
    }

    private function onFact(): Condition
    {
        $fact = $this->chance->pick($this->facts);
        $comparison = $this->chance->pick(FactField::fitting($fact->kind));
        $number = fn (): int =>
            $fact->kind === FactKind::Date ? 20260101 + $this->chance->number(0, 27) : $this->chance->number(-5, 20);

        return new Condition('fact', $comparison, match ($comparison) {
            'isOneOf',
            'hasAnyOf' => $fact->kind === FactKind::YesNo
                ? [$this->chance->pick(['yes', 'no'])]
                : $this->chance->some(self::TEXTS, 3),
            'atLeast', 'atMost' => [$number()],
            'between' => self::sorted([$number(), $number()]),
            default => [],
        }, $this->chance->oneIn(12) ? 999 : $fact->id);
    }

    private function maybe(): ?string
    {
        return $this->chance->oneIn(3) ? null : $this->chance->pick(self::INSTANTS);
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
