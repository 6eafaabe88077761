<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Pages\Sql\AssortmentRows;
use Vestibra\App\Reach\Rules\FieldInRules;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\Sql\ReachSql;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Catalogue\Sql\OwnOrderSql;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Aspect;

/** Collections, picked by hand or held together by a rule. */
final readonly class CollectionPages extends AssortmentPages
{
    public function __construct(
        Categories $categories,
        ShopClock $clock,
        private LiveRules $live,
        private ProductPages $products,
        private KeptVerdicts $verdicts,
    ) {
        parent::__construct($categories, $clock);
    }

    public function kind(): PageKind
    {
        return PageKind::Collection;
    }

    public function table(): string
    {
        return 'collections';
    }

    public function holding(Subject $subject): string
    {
        $rule = $this->byRule()[$subject->id()] ?? null;

        return $rule === null
            ? parent::holding($subject)
            : $this->verdicts->ofCollection($subject->id(), $rule) ?? AssortmentRows::byRule($rule);
    }

    public function ownOrder(Subject $subject): ?string
    {
        $picked = isset($this->byRule()[$subject->id()])
            ? null
            : AssortmentRows::picked($subject->id());

        return match (true) {
            ! $subject instanceof Assortment || ! $subject->isOrdered => $picked,
            $picked === null => OwnOrderSql::sql(Thing::Collection, $subject->id),
            default => OwnOrderSql::sql(Thing::Collection, $subject->id, $picked),
        };
    }

    /** Products come and go by themselves where a rule decides. */
    public function touched(Touched $touched): ?Sql
    {
        $mayCome = $touched->things(Thing::Product) !== [] && FieldInRules::isAsked(PageKind::Collection, 'products');
        $own = parent::touched($touched);

        return $mayCome ? new Sql('1') : $own;
    }

    protected function isOrdered(): string
    {
        return OwnOrderSql::any(Thing::Collection);
    }

    protected function subject(): SubjectKind
    {
        return SubjectKind::Collection;
    }

    protected function holds(): array
    {
        return ['h.product_id', 'collection_product h', 'h.collection_id = p.id'];
    }

    protected function count(?int $at = null): string
    {
        $cases = [];
        $kept = $at === null ? $this->verdicts->inCollections() : null;
        foreach ($kept === null ? $this->byRule($at) : [] as $id => $rule) {
            $cases[] = "when $id then ".AssortmentRows::countByRule($rule);
        }
        foreach ($kept ?? [] as $id => $count) {
            $cases[] = "when $id then $count";
        }

        return $cases === [] ? parent::count() : '(case p.id '.implode(' ', $cases).' else '.parent::count().' end)';
    }

    /** Of collections by rule the verdicts know. */
    protected function isMissing(): string
    {
        return 'p.rule is null and '.parent::isMissing();
    }

    protected function any(Aspect $aspect, array $ids): ?string
    {
        return $aspect === Aspect::Collection ? 'p.id in ('.implode(',', $ids).')' : null;
    }

    protected function kinship(): string
    {
        return 'abs(p.id - q.id)';
    }

    protected function one(string $where, string|int $value): ?Assortment
    {
        $id = AssortmentRows::collection($where, $value);

        $rule = is_int($id) ? $this->byRule()[$id] ?? null : null;

        return match (true) {
            ! is_int($id) => null,
            $rule === null => parent::one('p.id = ?', $id),
            default => $this->counted(
                $id,
                (string) ($this->verdicts->inCollections()[$id] ?? AssortmentRows::countByRule($rule)),
            ),
        };
    }

    /** @return array<int, string> by number: SQL, true for the products called `p` that are in it */
    private function byRule(?int $at = null): array
    {
        $collections = $this->live->of(PageKind::Product)->collections;
        $sql = new ReachSql($this->products, $at ?? $this->clock->now()->getTimestamp(), $collections);

        return array_map(
            static fn (int $id): string => $sql->inCollection($id)->inlined(),
            array_combine(array_keys($collections->reaches), array_keys($collections->reaches)),
        );
    }
}
