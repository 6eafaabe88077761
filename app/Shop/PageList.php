<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use Vestibra\App\Lists\Filters\FilterWish;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;

/** How a page lists its products, as the first block on it that does so has it. */
final readonly class PageList
{
    private const MOST = 96;

    /** While nobody said how many, as the grid's own style has it. */
    private const IN_A_ROW = 4;

    /**
     * @param  bool  $choosable  whether customers may see more of them at once
     * @param  list<FilterWish>  $filters  that stand beside them, in their order
     */
    public function __construct(
        public int $perPage = 12,
        public string $sort = 'usual',
        public bool $choosable = false,
        public array $filters = [],
    ) {
    }

    public static function of(Node $tree, Schema $schema): self
    {
        $grid = null;
        $choosable = false;
        $filters = [];
        foreach ($tree->walk() as $node) {
            $on = ($node->when['off'] ?? false) !== true;
            $choosable = $choosable || ($on && $node->kind === 'per-page');
            if ($on && $node->kind === 'filter') {
                $filters[] = self::wish($node, $schema);
            }
            if ($grid === null
                && $on
                && $schema->definition($node->kind)?->listsProducts === true
                && self::what($node, $schema, 'feed') === 'page') {
                $grid = $node;
            }
        }
        if ($grid === null) {
            return new self(choosable: $choosable, filters: $filters);
        }
        $sort = self::what($grid, $schema, 'sort');

        return new self(self::perPage($grid, $schema), is_string($sort) ? $sort : 'usual', $choosable, $filters);
    }

    private static function wish(Node $node, Schema $schema): FilterWish
    {
        $by = self::what($node, $schema, 'by');
        $number = $by === 'option' || $by === 'fact' ? self::what($node, $schema, $by) : null;

        return new FilterWish(
            is_string($by) ? $by : '',
            is_int($number) ? $number : 0,
            self::what($node, $schema, 'inStock') === true,
            self::what($node, $schema, 'as') === 'pictures',
        );
    }

    /** As many rows as were said, of as many as stand in one; where none were said, so many. */
    private static function perPage(Node $grid, Schema $schema): int
    {
        $rows = self::what($grid, $schema, 'rows');
        $perRow = $grid->how['desktop']['perRow'] ?? self::IN_A_ROW;
        $perPage = is_int($rows) && $rows > 0 && is_int($perRow)
            ? $rows * $perRow
            : self::what($grid, $schema, 'perPage');

        return is_int($perPage) ? min(self::MOST, max(1, $perPage)) : 12;
    }

    private static function what(Node $node, Schema $schema, string $name): mixed
    {
        return $node->what[$name] ?? $schema->definition($node->kind)?->setting(Question::What, $name)?->default;
    }
}
