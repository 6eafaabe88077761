<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Catalogue\Collection;
use Vestibra\App\Records\Models\Catalogue\OptionValue;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\App\Records\Stored\Tables;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Checks;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields as RuleFields;

/** What has to hold between an entry and the rest of the catalogue. */
final readonly class EntryChecks
{
    private const DEEPEST = 20;

    public function __construct(
        private StoredThings $things,
        private Uniqueness $unique,
        private ValuesInUse $values,
        private FactBook $facts,
        private ShopClock $clock,
    ) {
    }

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $stands  all fields of what it changes
     * @param  bool  $knowingly  an address name that led elsewhere before is taken all the same
     * @return list<Problem>
     */
    public function of(Entry $entry, array $stands, bool $knowingly): array
    {
        $problems = $this->named($entry);
        foreach ($entry->changes as $change) {
            array_push($problems, ...$change->after === null
                ? $this->deleted($change, $entry)
                : Checks::thing(
                    $change->thing,
                    $change->id,
                    $change->after + ($stands[$change->thing->value][$change->id] ?? []),
                    $change->isMade() ? null : $change->fields(),
                ));
        }

        return [
            ...$problems,
            ...$this->values->of($entry),
            ...$this->unique->of($entry, $stands, $knowingly),
            ...$this->variants($entry, $stands),
            ...$this->tree($entry),
            ...$this->rules($entry),
        ];
    }

    /** @return list<Problem> what names things that are not there */
    private function named(Entry $entry): array
    {
        $asked = $problems = [];
        foreach ($entry->changes as $change) {
            foreach ($change->after ?? [] as $name => $value) {
                $thing = ThingFields::field($change->thing, $name)?->names;
                if ($thing === null) {
                    continue;
                }
                foreach (array_filter(is_array($value) ? $value : [$value], is_int(...)) as $id) {
                    $asked[$thing->value][$id][] = "{$change->key()}/$name";
                }
            }
        }
        foreach ($asked as $kind => $ids) {
            $thing = Thing::from($kind);
            $made = array_map(
                static fn (Change $change): int => $change->id,
                array_filter($entry->changes, static fn (Change $change): bool => $change->thing === $thing
                    && $change->isMade()),
            );
            $lost = array_map(
                static fn (Change $change): int => $change->id,
                array_filter($entry->changes, static fn (Change $change): bool => $change->thing === $thing
                    && $change->isDeleted()),
            );
            $there = Rows::in(Tables::of($thing))->whereIntegerInRaw('id', array_keys($ids))->pluck('id')->all();
            foreach (array_diff(array_keys($ids), array_diff([...$there, ...$made], $lost)) as $id) {
                foreach ($ids[$id] as $path) {
                    $problems[] = CatalogueProblem::NamesGone->at($path, ['thing' => $thing->one()]);
                }
            }
        }

        return $problems;
    }

    /** @return list<Problem> */
    private function deleted(Change $change, Entry $entry): array
    {
        [$count, $what] = match ($change->thing) {
            Thing::Category => [count(array_filter(
                Category::query()->toBase()->where('parent_id', $change->id)->pluck('id')->all(),
                static fn (mixed $child): bool => is_int($child)
                    && ($entry->of(Thing::Category, $child)?->after['parent'] ?? $change->id) === $change->id
                    && $entry->of(Thing::Category, $child)?->isDeleted() !== true,
            )), 'categories that stand in it'],
            default => [0, ''],
        };

        return $count === 0
            ? []
            : [CatalogueProblem::StillUsed->at($change->key(), ['count' => $count, 'what' => $what])];
    }

    /**
     * @param  array<string, array<int, array<string, mixed>>>  $stands
     * @return list<Problem>
     */
    private function variants(Entry $entry, array $stands): array
    {
        $products = $changed = [];
        foreach ($entry->changes as $change) {
            if ($change->thing === Thing::Variant) {
                $fields = ($change->after ?? []) + ($stands['variant'][$change->id] ?? []);
                $changed[$change->id] = $change->after === null ? null : $fields;
                // Prices and stock do not make a variant the same as another.
                $tells = $change->isMade() || array_intersect($change->fields(), ['values', 'product', 'sku']) !== [];
                $tells && is_int($fields['product'] ?? null) && $products[$fields['product']] = true;
            }
        }
        if ($products === []) {
            return [];
        }
        $ids = Variant::query()->toBase()->whereIntegerInRaw('product_id', array_keys($products))->pluck('id')->all();
        $byProduct = $values = [];
        foreach (array_replace(
            $this->things->read(Thing::Variant, array_values(array_filter($ids, is_int(...)))),
            $changed,
        ) as $id => $fields) {
            if ($fields !== null && is_int($fields['product'] ?? null)) {
                $byProduct[$fields['product']][$id] = $fields;
                array_push(
                    $values,
                    ...array_values(
                        array_filter(is_array($fields['values'] ?? null) ? $fields['values'] : [], is_int(...)),
                    ),
                );
            }
        }
        $options = [];
        foreach (OptionValue::query()->toBase()
            ->whereIntegerInRaw('id', array_unique($values))
            ->get(['id', 'option_id']) as $row) {
            $options[$row->id] = $row->option_id;
        }
        foreach ($entry->changes as $change) {
            if ($change->thing === Thing::OptionValue && is_int($change->after['option'] ?? null)) {
                $options[$change->id] = $change->after['option'];
            }
        }

        return array_merge(
            [],
            ...array_map(
                static fn (array $variants): array => Checks::variants($variants, $options),
                array_values($byProduct),
            ),
        );
    }

    /** @return list<Problem> */
    private function tree(Entry $entry): array
    {
        $moved = array_filter($entry->changes, static fn (Change $change): bool => $change->thing === Thing::Category
            && array_key_exists('parent', $change->after ?? []));
        if ($moved === []) {
            return [];
        }
        $parents = [];
        foreach (Category::query()->toBase()->get(['id', 'parent_id']) as $row) {
            $parents[$row->id] = $row->parent_id;
        }
        foreach ($moved as $change) {
            $parent = $change->after['parent'] ?? null;
            $parents[$change->id] = is_int($parent) ? $parent : null;
        }
        $problems = [];
        foreach ($moved as $change) {
            if (Checks::circle($parents, $change->id)) {
                $problems[] = CatalogueProblem::Circle->at("{$change->key()}/parent", ['thing' => 'category']);
            } elseif (self::depth($parents, $change->id) > self::DEEPEST) {
                $problems[] = CatalogueProblem::TooDeep->at("{$change->key()}/parent", ['most' => self::DEEPEST]);
            }
        }

        return $problems;
    }

    /** @param  array<int, int|null>  $parents without a circle */
    private static function depth(array $parents, int $id): int
    {
        for ($depth = 1; ($parents[$id] ?? null) !== null; $depth++) {
            $id = $parents[$id];
        }

        return $depth;
    }

    /** @return list<Problem> */
    private function rules(Entry $entry): array
    {
        $changed = array_filter($entry->changes, static fn (Change $change): bool =>
            $change->thing === Thing::Collection
            && ($change->after['rule'] ?? null) !== null);
        if ($changed === []) {
            return [];
        }
        $reader = new ReachReader(RuleFields::standard(), $this->clock->zone, PageKind::Product, $this->facts->all());
        $rules = $problems = [];
        foreach (Collection::query()->toBase()->whereNotNull('rule')->get(['id', 'rule']) as $row) {
            $rule = $reader->parse(json_decode($row->rule, true));
            $rule instanceof Reach && $rules[$row->id] = $rule;
        }
        foreach ($changed as $change) {
            $rule = $reader->parse($change->after['rule'] ?? null);
            if ($rule instanceof Reach) {
                $rules[$change->id] = $rule;
            } else {
                array_push(
                    $problems,
                    ...array_map(
                        static fn (Problem $problem): Problem =>
                            $problem->code->at("{$change->key()}/rule", $problem->values),
                        $rule,
                    ),
                );
            }
        }
        $ring = RuleCollections::of(
            $rules,
            new ReachCompiler(RuleFields::standard(), CategoryTree::of([]), LivingNames::of([]), PageKind::Product),
        );
        foreach ($ring instanceof RuleCollections ? [] : $changed as $change) {
            if (in_array($change->id, $ring instanceof RuleCollections ? [] : $ring, true)) {
                $problems[] = CatalogueProblem::Circle->at("{$change->key()}/rule", ['thing' => 'collection']);
            }
        }

        return $problems;
    }
}
