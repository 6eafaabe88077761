<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Records\Catalogue\Sql\OwnOrderSql;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Aspect;

final readonly class CategoryPages extends AssortmentPages
{
    public function kind(): PageKind
    {
        return PageKind::Category;
    }

    public function table(): string
    {
        return 'categories';
    }

    public function filed(): string
    {
        return PagePieces::PARENT;
    }

    /** What holds a category, holds its products; what stands in one, moves with it. */
    public function touched(Touched $touched): ?Sql
    {
        $ids = implode(',', $touched->things(Thing::Category));

        return $ids === '' ? null : new Sql(PagePieces::sameBranch($ids));
    }

    public function ownOrder(Subject $subject): ?string
    {
        return $subject instanceof Assortment && $subject->isOrdered
            ? OwnOrderSql::sql(Thing::Category, $subject->id)
            : null;
    }

    protected function isOrdered(): string
    {
        return OwnOrderSql::any(Thing::Category);
    }

    protected function subject(): SubjectKind
    {
        return SubjectKind::Category;
    }

    protected function holds(): array
    {
        return [
            'h.product_id',
            'categories d join category_product h on h.category_id = d.id',
            'd.lower between p.lower and p.upper',
        ];
    }

    protected function any(Aspect $aspect, array $ids): ?string
    {
        $list = implode(',', $ids);

        return match ($aspect) {
            Aspect::CategoryExactly => "p.id in ($list)",
            Aspect::CategoryWithin => PagePieces::beneath($list),
            default => null,
        };
    }

    protected function kinship(): string
    {
        return 'case when p.parent_id is q.parent_id then 0 when p.parent_id = q.id or q.parent_id = p.id then 1 else '
            .'2 end';
    }
}
