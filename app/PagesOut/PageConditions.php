<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleFields;

/** Which of a block's conditions do not hold for what a page is about. */
final readonly class PageConditions
{
    private function __construct(
        private PageKind $kind,
        private ?ReachCompiler $compiler,
        private ?Features $features,
    ) {
    }

    /** Where no block has conditions. */
    public static function none(PageKind $kind): self
    {
        return new self($kind, null, null);
    }

    public static function of(PageKind $kind, ReachCompiler $compiler, Features $features): self
    {
        return new self($kind, $compiler, $features);
    }

    /**
     * @param  list<Condition>  $conditions
     * @return list<Condition> those that do not hold; what cannot be asked of such a page does not
     */
    public function failed(array $conditions): array
    {
        if ($this->compiler === null || $this->features === null) {
            return [];
        }
        $strange = array_values(array_filter($conditions, fn (Condition $one): bool =>
            RuleFields::standard()->comparison($this->kind, $one->field, $one->comparison) === null));

        return $strange === []
            ? $this->compiler->compile(new Reach([Clause::of(...$conditions)]))->show[0]->failed($this->features)
            : $strange;
    }
}
