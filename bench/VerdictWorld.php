<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use DateTimeImmutable;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Living;
use Vestibra\Core\Reach\Quantity;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;

/**
 * Templates with four clauses each, and products to ask for: 60 % of the clauses on category, brand or tag, 20 % mixed,
 * 15 % narrowing alone, 5 % empty.
 */
final class VerdictWorld implements Living
{
    private const CATEGORIES = 300;

    private const BRANDS = 250;

    private const TAGS = 400;

    public readonly CategoryTree $tree;

    /** @var list<list<Clause>> by template */
    public array $templates = [];

    private readonly Chance $chance;

    public function __construct(int $templates, private readonly bool $grouped, int $seed)
    {
        $this->chance = new Chance($seed);
        $categories = [];
        for ($id = 1; $id <= self::CATEGORIES; $id++) {
            $parent = match (true) {
                $id <= 12 => null,
                $id <= 80 => $id % 12 + 1,
                default => $id % 68 + 13,
            };
            $categories[] = new Category($id, $parent, "c$id", "c$id");
        }
        $this->tree = CategoryTree::of($categories);
        for ($template = 0; $template < $templates; $template++) {
            $this->templates[] = array_map($this->clause(...), range(1, 4));
        }
    }

    public function among(string $things, array $ids): array
    {
        return $ids;
    }

    public function evaluator(): Evaluator
    {
        $compiler = new ReachCompiler(RuleFields::standard(), $this->tree, $this, PageKind::Product);
        $candidates = [];
        foreach ($this->templates as $number => $clauses) {
            $candidates[] = new Candidate($number + 1, true, $compiler->compile(new Reach($clauses)));
        }

        return Evaluator::of($candidates, 1, RuleCollections::none());
    }

    /** @return array{Features, array<string, mixed>} the same product for both sides */
    public function product(int $id): array
    {
        $filed = array_values(array_unique([
            $this->chance->skewed(self::CATEGORIES),
            ...($this->chance->number(1, 3) === 1 ? [$this->chance->number(1, self::CATEGORIES)] : []),
        ]));
        $within = $this->tree->upwards($filed);
        $brand = $this->chance->skewed(self::BRANDS);
        $tags = $this->chance->some($this->chance->number(0, 3), self::TAGS);
        [$price, $stock, $sale] = [
            $this->chance->number(100, 20_000),
            $this->chance->number(0, 60),
            $this->chance->number(0, 4) === 0 ? 1 : 0,
        ];
        $features = Features::of(PageKind::Product, $id, new DateTimeImmutable('2026-11-25T12:00:00Z'), [
            Aspect::Product->value => [$id],
            Aspect::CategoryExactly->value => $filed,
            Aspect::CategoryWithin->value => $within,
            Aspect::Brand->value => [$brand],
            Aspect::Tag->value => $tags,
            Aspect::Collection->value => [],
        ], [Quantity::Price->value => $price, Quantity::Stock->value => $stock, Quantity::Sale->value => $sale]);

        return [$features, [
            'within' => array_fill_keys($within, true),
            'brand' => $brand,
            'tags' => array_fill_keys($tags, true),
            'price' => $price,
            'stock' => $stock,
            'sale' => $sale,
        ]];
    }

    private function clause(): Clause
    {
        $kind = $this->grouped ? 1 : $this->chance->number(1, 100);

        return match (true) {
            $kind <= 60 => Clause::of(...$this->groups($this->chance->number(1, 3))),
            $kind <= 80 => Clause::of(...$this->groups($this->chance->number(1, 2)), ...[$this->narrowing()]),
            $kind <= 95 => Clause::of($this->narrowing(), $this->narrowing()),
            default => Clause::of(),
        };
    }

    /** @return list<Condition> */
    private function groups(int $count): array
    {
        $conditions = [];
        foreach ($this->chance->some($count, 3) as $which) {
            $conditions[] = match ($which) {
                1 => new Condition(
                    'category',
                    'isIn',
                    $this->chance->some($this->chance->number(1, 2), self::CATEGORIES),
                ),
                2 => new Condition('brand', 'isOneOf', [$this->chance->skewed(self::BRANDS)]),
                default =>
                    new Condition('tag', 'hasAnyOf', $this->chance->some($this->chance->number(1, 2), self::TAGS)),
            };
        }

        return $conditions;
    }

    private function narrowing(): Condition
    {
        return match ($this->chance->number(1, 3)) {
            1 => new Condition('price', $this->chance->number(0, 1) === 0 ? 'atLeast' : 'atMost', [$this->chance
                ->number(100, 20_000)]),
            2 => new Condition('stock', 'atMost', [$this->chance->number(0, 20)]),
            default => new Condition('sale', 'isOn', []),
        };
    }
}
