<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Closure;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\Sql\SellingSql;
use Vestibra\App\Records\Models\Catalogue\Collection;
use Vestibra\App\Work\Finding\Sql\ChoiceRows;
use Vestibra\App\Work\Finding\Sql\FoundPageRows;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Short\HowMany;
use Vestibra\Core\Reach\Short\PageSet;
use Vestibra\Core\Reach\Short\PlainChoice;
use Vestibra\Core\Reach\Short\ValueChoice;

/**
 * What a short rule for selected products can be made of: every field of their pages but the product itself, the words
 * of its title and how long ago it was added. Numbers are compared with the least and the greatest that is selected.
 */
final readonly class ShortChoices
{
    /** Two clauses have so many values of one comparison at most. */
    private const MOST_OF_ONE = 10;

    private const MOST_RULE_COLLECTIONS = 60;

    /** What holds or does not, without values. */
    private const PLAIN = [
        ['category', 'hasNone'], ['brand', 'hasNone'], ['sale', 'isOn'], ['sale', 'isOff'], ['stock', 'isIn'],
        ['stock', 'isOut'], ['rating', 'hasReviews'], ['rating', 'hasNone'],
    ];

    public function __construct(
        private FoundPages $found,
        private FactBook $facts,
        private ShopClock $clock,
    ) {
    }

    /** @return list<PlainChoice|ValueChoice> */
    public function of(ChoiceRows $rows, PageSet $selected, PageSet $shown): array
    {
        $filed = $rows->linked('category_product', 'category_id');
        $brands = $rows->brands();
        $tags = $rows->linked('product_tag', 'tag_id');

        return [
            new ValueChoice('category', 'isIn', HowMany::Any, self::met(self::within($rows, $filed), $selected)),
            new ValueChoice('category', 'isExactly', HowMany::Any, self::met($filed, $selected)),
            new ValueChoice('brand', 'isOneOf', HowMany::Any, self::few($brands, $selected)),
            new ValueChoice('brand', 'isNoneOf', HowMany::None, $brands),
            new ValueChoice('collection', 'isIn', HowMany::Any, self::met($this->collections($rows), $selected)),
            new ValueChoice('tag', 'hasAnyOf', HowMany::Any, self::met($tags, $selected)),
            new ValueChoice('tag', 'hasAllOf', HowMany::All, self::met($tags, $selected)),
            new ValueChoice('tag', 'hasNoneOf', HowMany::None, $tags),
            new ValueChoice('option', 'offers', HowMany::Any, $rows->options('option_id')),
            new ValueChoice('option', 'offersValue', HowMany::Any, $rows->options('option_value_id')),
            ...$this->facts($rows, $shown),
            ...array_map($this->plain(...), [
                ...array_map(static fn (array $one): Condition => new Condition(...$one), self::PLAIN),
                ...$this->numbers($rows),
            ]),
        ];
    }

    private function plain(Condition $condition): PlainChoice
    {
        $found = $this->found->all(new PageFilter(PageKind::Product, conditions: [$condition]));

        return new PlainChoice($condition, PageSet::of(FoundPageRows::numbers($found)));
    }

    /** @return list<Condition> */
    private function numbers(ChoiceRows $rows): array
    {
        $bounds = $rows->bounds(SellingSql::moment($this->clock->now()));
        $conditions = [];
        foreach (['price', 'reviews', 'picture'] as $field) {
            $name = $field === 'picture' ? 'pictures' : $field;
            [$least, $most] = [$bounds->{"{$name}_least"}, $bounds->{"{$name}_most"}];
            if ($least === null || ($field === 'price' && ! $bounds->priced)) {
                continue;
            }
            array_push(
                $conditions,
                new Condition($field, 'atLeast', [(int) $least]),
                new Condition($field, 'atMost', [(int) $most]),
                ...$field === 'price' ? [new Condition($field, 'between', [(int) $least, (int) $most])] : [],
            );
        }
        $bounds->stock_most === null || $conditions[] = new Condition('stock', 'atMost', [(int) $bounds->stock_most]);

        return $conditions;
    }

    /** @return list<PlainChoice|ValueChoice> */
    private function facts(ChoiceRows $rows, PageSet $shown): array
    {
        $had = $rows->facts();
        $choices = [];
        foreach ($this->facts->all() as $fact) {
            $row = $had[$fact->id] ?? null;
            $filled = $this->plain(new Condition('fact', 'isFilled', [], $fact->id));
            $choices[] = $filled;
            $choices[] = new PlainChoice(
                new Condition('fact', 'isEmpty', [], $fact->id),
                $shown->without($filled->pages),
            );
            if ($row !== null) {
                array_push($choices, ...$this->fact($fact, $rows, $row->kinds, $row->least, $row->most));
            }
        }

        return $choices;
    }

    /** @return list<PlainChoice|ValueChoice> */
    private function fact(Fact $fact, ChoiceRows $rows, int $kinds, ?int $least, ?int $most): array
    {
        $comparison = match ($fact->kind) {
            FactKind::Text, FactKind::Choice, FactKind::YesNo => 'isOneOf',
            FactKind::Several => 'hasAnyOf',
            default => null,
        };
        if ($comparison !== null) {
            return $comparison === 'isOneOf' && $kinds > self::MOST_OF_ONE
                ? []
                : [new ValueChoice('fact', $comparison, HowMany::Any, $rows->factValues($fact->id), $fact->id)];
        }

        return in_array($fact->kind, [FactKind::Number, FactKind::Date], true) && $least !== null && $most !== null
            ? array_map($this->plain(...), [
                new Condition('fact', 'atLeast', [$least], $fact->id),
                new Condition('fact', 'atMost', [$most], $fact->id),
                new Condition('fact', 'between', [$least, $most], $fact->id),
            ])
            : [];
    }

    /** @return array<int, PageSet> */
    private function collections(ChoiceRows $rows): array
    {
        $sets = $rows->linked('collection_product', 'collection_id');
        foreach (Collection::query()->toBase()
            ->whereNotNull('rule')
            ->limit(self::MOST_RULE_COLLECTIONS)
            ->pluck('id') as $id) {
            $sets[(int) $id] = $this->plain(new Condition('collection', 'isIn', [(int) $id]))->pages;
        }

        return $sets;
    }

    /**
     * @param  array<int, PageSet>  $filed  by category
     * @return array<int, PageSet> with everything beneath
     */
    private static function within(ChoiceRows $rows, array $filed): array
    {
        $within = [];
        $tree = $rows->tree();
        foreach ($tree as [$id, $lower, $upper]) {
            foreach ($tree as [$other, $place]) {
                if ($place >= $lower && $place <= $upper && isset($filed[$other])) {
                    $within[$id] = ($within[$id] ?? PageSet::none())->or($filed[$other]);
                }
            }
        }

        return $within;
    }

    /**
     * @param  array<int, PageSet>  $sets
     * @return array<int, PageSet>
     */
    private static function met(array $sets, PageSet $selected): array
    {
        return array_filter($sets, static fn (PageSet $pages): bool => $pages->meets($selected));
    }

    /**
     * Of what a page has one at most.
     *
     * @param  array<int, PageSet>  $sets
     * @return array<int, PageSet>
     */
    private static function few(array $sets, PageSet $selected): array
    {
        $met = self::met($sets, $selected);

        return count($met) > self::MOST_OF_ONE ? [] : $met;
    }
}
