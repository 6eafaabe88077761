<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Reach;

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
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachCompiler;
use Vestibra\Core\Reach\RuleCollections;
use Vestibra\Core\Reach\RuleFields;

/** The little shop of the worked examples, with names for its ids. */
final class World implements Living
{
    public const INK = 1;

    public const BOTTLED = 2;

    public const SHIMMER = 3;

    public const PENS = 4;

    public const FOUNTAIN = 5;

    public const OSTRELVE = 1;

    public const HALLORME = 2;

    public const GIFT = 1;

    public const LETTERS = 2;

    public const PRODUCT = 7;

    public const DELETED = 99;

    public static function tree(): CategoryTree
    {
        return CategoryTree::of([
            new Category(self::INK, null, 'Ink', 'ink'),
            new Category(self::BOTTLED, self::INK, 'Bottled', 'bottled'),
            new Category(self::SHIMMER, self::BOTTLED, 'Shimmer', 'shimmer'),
            new Category(self::PENS, null, 'Pens', 'pens'),
            new Category(self::FOUNTAIN, self::PENS, 'Fountain', 'fountain'),
        ]);
    }

    public function among(string $things, array $ids): array
    {
        return array_values(array_filter($ids, static fn (int $id): bool => $id !== self::DELETED));
    }

    /**
     * @param  list<int>  $in  filed in
     * @param  list<int>  $tags
     * @param  list<int>  $collections
     */
    public static function page(
        array $in = [],
        ?int $brand = null,
        array $tags = [],
        array $collections = [],
        int $id = self::PRODUCT,
        string $at = '2026-11-25T12:00:00Z',
    ): Features {
        return Features::of(PageKind::Product, $id, self::at($at), [
            Aspect::Product->value => [$id],
            Aspect::CategoryExactly->value => $in,
            Aspect::CategoryWithin->value => self::tree()->upwards($in),
            Aspect::Brand->value => $brand === null ? [] : [$brand],
            Aspect::Tag->value => $tags,
            Aspect::Collection->value => $collections,
        ]);
    }

    /**
     * @param  list<int>  $in  filed in
     * @param  array<string, int>  $numbers  by quantity
     * @param  list<array<int, int>>  $variants
     * @param  array<int, list<int|string>>  $facts
     * @param  list<string>  $words
     */
    public static function detailed(
        array $in = [],
        array $numbers = [],
        array $variants = [],
        array $facts = [],
        array $words = [],
        string $at = '2026-11-25T12:00:00Z',
        ?int $priceChanges = null,
    ): Features {
        return Features::of(PageKind::Product, self::PRODUCT, self::at($at), [
            Aspect::Product->value => [self::PRODUCT],
            Aspect::CategoryExactly->value => $in,
            Aspect::CategoryWithin->value => self::tree()->upwards($in),
            Aspect::Brand->value => [],
            Aspect::Tag->value => [],
            Aspect::Collection->value => [],
        ], $numbers, $words, $variants, $facts, $priceChanges);
    }

    public static function at(string $instant = '2026-11-25T12:00:00Z'): DateTimeImmutable
    {
        return new DateTimeImmutable($instant);
    }

    public static function is(string $field, string $comparison, int|string ...$values): Condition
    {
        return new Condition($field, $comparison, array_values($values));
    }

    public static function in(int ...$categories): Condition
    {
        return self::is('category', 'isIn', ...$categories);
    }

    /** @param  list<list<Condition>>  $keepOff */
    public static function reach(array $show, array $keepOff = []): Reach
    {
        $clauses = static fn (array $conditions): Clause => Clause::of(...$conditions);

        return new Reach(array_map($clauses, $show), array_map($clauses, $keepOff));
    }

    public static function compiler(PageKind $kind = PageKind::Product): ReachCompiler
    {
        return new ReachCompiler(RuleFields::standard(), self::tree(), new self, $kind);
    }

    public static function candidate(
        int $id,
        Reach $reach,
        bool $live = true,
        PageKind $kind = PageKind::Product,
    ): Candidate {
        return new Candidate($id, $live, self::compiler($kind)->compile($reach));
    }

    /** @param  list<Candidate>  $candidates in hand order; the fallback is template 0 unless said */
    public static function evaluator(array $candidates, int $fallback = 0): Evaluator
    {
        if ($fallback === 0) {
            $candidates[] = self::candidate(0, new Reach);
        }

        return Evaluator::of($candidates, $fallback, RuleCollections::none());
    }
}
