<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRulesReader;
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

    /** Products from which on a shop is large. */
    private const LARGE = 20_000;

    public function __construct(
        private FoundPages $found,
        private KindRulesReader $rules,
        private KeptVerdicts $verdicts,
        private FactBook $facts,
        private ShopClock $clock,
    ) {
    }

    /**
     * In the order of how lasting they are: where one condition of what comes first gives a selection, nothing that
     * comes later is asked for. What is counted (`counted`) is less lasting than all of them.
     *
     * @return iterable<list<PlainChoice|ValueChoice>>
     */
    public function lasting(ChoiceRows $rows, PageSet $selected, PageSet $shown): iterable
    {
        $filed = $rows->linked('category_product', 'category_id');
        $brands = $rows->brands();
        yield [
            new ValueChoice('category', 'isIn', HowMany::Any, self::met(self::within($rows, $filed), $selected)),
            new ValueChoice('category', 'isExactly', HowMany::Any, self::met($filed, $selected)),
            new PlainChoice(new Condition('category', 'hasNone'), $shown->without(self::all($filed))),
            new ValueChoice('brand', 'isOneOf', HowMany::Any, self::few($brands, $selected)),
            new ValueChoice('brand', 'isNoneOf', HowMany::None, $brands),
            new PlainChoice(new Condition('brand', 'hasNone'), $shown->without(self::all($brands))),
        ];
        $tags = $rows->linked('product_tag', 'tag_id');
        $count = $selected->count();
        yield [
            new ValueChoice('collection', 'isIn', HowMany::Any, self::met($this->collections($rows, $shown),
                $selected)),
            new ValueChoice('tag', 'hasAnyOf', HowMany::Any, self::met($tags, $selected)),
            new ValueChoice('tag', 'hasAllOf', HowMany::All, self::met($tags, $selected)),
            new ValueChoice('tag', 'hasNoneOf', HowMany::None, $tags),
            ...$this->facts($rows, $count, $shown),
            ...$this->options($rows, $count, $shown),
        ];
    }

    /** @return list<PlainChoice> */
    public function counted(ChoiceRows $rows, PageSet $selected, PageSet $shown): array
    {
        return $this->count($rows, $selected, $shown, false, $shown->count() > self::LARGE);
    }

    /**
     * What is counted of some products that are not selected: a condition that holds for one of them takes more than
     * the selected ones.
     *
     * @param  PageSet  $some  with all that are selected
     * @return list<PlainChoice>
     */
    public function countedAmong(ChoiceRows $rows, PageSet $selected, PageSet $some): array
    {
        return $this->count($rows, $selected, $some, true, true);
    }

    /** @return list<PlainChoice> */
    private function count(
        ChoiceRows $rows,
        PageSet $selected,
        PageSet $shown,
        bool $isSome,
        bool $isLarge,
    ): array {
        return (new CountedChoices($rows, $selected, $shown, $isSome, $isLarge))
            ->of(SellingSql::moment($this->clock->now()));
    }

    private function plain(Condition $condition): PlainChoice
    {
        $found = $this->found->all(new PageFilter(PageKind::Product, conditions: [$condition]));

        return new PlainChoice($condition, PageSet::of(FoundPageRows::numbers($found)));
    }

    /**
     * Of large shops only what all selected products have can be waited for.
     *
     * @param  int  $count  how many are selected
     */
    private static function isOffered(int $having, int $count, PageSet $shown): bool
    {
        return $having === $count || $shown->count() <= self::LARGE;
    }

    /** @return list<ValueChoice> */
    private function options(ChoiceRows $rows, int $count, PageSet $shown): array
    {
        $options = $values = [];
        foreach ($rows->offered() as $option => [$products, $kinds]) {
            if (self::isOffered($products, $count, $shown)) {
                $options[$option] = $rows->offering($option);
                $values += $kinds <= self::MOST_OF_ONE ? $rows->optionValues($option) : [];
            }
        }

        return [
            new ValueChoice('option', 'offers', HowMany::Any, $options),
            new ValueChoice('option', 'offersValue', HowMany::Any, $values),
        ];
    }

    /** @return list<PlainChoice|ValueChoice> */
    private function facts(ChoiceRows $rows, int $count, PageSet $shown): array
    {
        $had = $rows->facts();
        $choices = [];
        foreach ($this->facts->all() as $fact) {
            [$products, $kinds, $least, $most] = $had[$fact->id] ?? [0, 0, null, null];
            $isHad = self::isOffered($products, $count, $shown);
            if (! $isHad && ! self::isOffered($count - $products, $count, $shown)) {
                continue;
            }
            $filled = $this->plain(new Condition('fact', 'isFilled', [], $fact->id));
            $choices[] = $filled;
            $choices[] = new PlainChoice(
                new Condition('fact', 'isEmpty', [], $fact->id),
                $shown->without($filled->pages),
            );
            if ($products > 0 && $isHad) {
                array_push($choices, ...$this->fact($fact, $rows, $kinds, $least, $most));
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

    /** @param  array<int, PageSet>  $sets */
    private static function all(array $sets): PageSet
    {
        return array_reduce(
            $sets,
            static fn (PageSet $all, PageSet $set): PageSet => $all->or($set),
            PageSet::none(),
        );
    }

    /** @return array<int, PageSet> */
    private function collections(ChoiceRows $rows, PageSet $shown): array
    {
        $contest = $this->rules->live(PageKind::Product);
        $sets = $rows->linked('collection_product', 'collection_id');
        foreach (Collection::query()->toBase()
            ->whereNotNull('rule')
            ->limit(self::MOST_RULE_COLLECTIONS)
            ->pluck('id') as $id) {
            $kept = $this->verdicts->ofCollection((int) $id, $contest->sql()->inCollection((int) $id)->inlined());
            $sets[(int) $id] = $kept === null
                ? $this->plain(new Condition('collection', 'isIn', [(int) $id]))->pages
                : PageSet::of(FoundPageRows::numbers(new Sql($kept)))->and($shown);
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
