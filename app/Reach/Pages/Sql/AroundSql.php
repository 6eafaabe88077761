<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages\Sql;

use LogicException;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Checks\InRange;

/** Of pages as what headers and footers stand on: each aspect is asked of the kinds of pages that can have it. */
final readonly class AroundSql implements PageSql
{
    /** The kinds of pages that have more than their kind. */
    public const ASKED = ['product', 'category', 'collection', 'brand', 'tag'];

    /** @param  array<string, array{PagesOfKind, PageSql}>  $of  by page kind */
    public function __construct(private array $of)
    {
    }

    public function any(Aspect $aspect, array $ids): Sql
    {
        if ($aspect === Aspect::StandsOn) {
            return new Sql('p.page_kind in ('.implode(',', $ids).')');
        }
        $parts = [];
        foreach (self::having($aspect) as $name) {
            [$pages, $sql] = $this->of[$name];
            $parts[] = self::those($pages, $sql->any($aspect, $ids));
        }

        return Sql::join(' or ', $parts)->wrap('(', ')');
    }

    public function knows(Aspect $aspect): Sql
    {
        return new Sql(
            'p.page_kind in ('.implode(
                ',',
                array_map(static fn (string $name): int => PageKind::from($name)->number(), self::having($aspect)),
            ).')',
        );
    }

    public function nothing(Aspect $aspect): Sql
    {
        return self::those($this->of['product'][0], $this->of['product'][1]->nothing($aspect));
    }

    public function inRange(InRange $check): Sql
    {
        throw new LogicException("Headers and footers are not asked for {$check->quantity->value}.");
    }

    public function titleWord(string $word): Sql
    {
        throw new LogicException('Headers and footers are not asked for titles.');
    }

    public function own(Check $check): Sql
    {
        throw new LogicException('No SQL for '.$check::class);
    }

    /** Pages of one kind of which something is true. */
    public static function those(PagesOfKind $pages, Sql $sql): Sql
    {
        return $sql->wrap(
            "(p.page_kind = {$pages->kind()->number()} and p.page in (select p.id from {$pages->table()} p where ",
            '))',
        );
    }

    /** @return list<string> */
    private static function having(Aspect $aspect): array
    {
        return match ($aspect) {
            Aspect::CategoryExactly, Aspect::CategoryWithin => [PageKind::Product->value, PageKind::Category->value],
            Aspect::Collection => [PageKind::Product->value, PageKind::Collection->value],
            Aspect::Brand => [PageKind::Product->value, PageKind::Brand->value],
            Aspect::Tag => [PageKind::Product->value, PageKind::Tag->value],
            Aspect::Product,
            Aspect::StandsOn => throw new LogicException("Headers and footers are not asked for {$aspect->name}."),
        };
    }
}
