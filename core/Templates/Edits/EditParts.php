<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Closure;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/**
 * What kinds of edits read their fields with.
 *
 * @internal
 */
final readonly class EditParts
{
    /** @param  Closure(): ReachReader  $reaches  asked for only where a rule is read */
    public function __construct(
        private TreeReader $trees,
        private Closure $reaches,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array{string, string|null}|null parent and the neighbour before
     */
    public function place(array $input): ?array
    {
        $parent = $input['parent'] ?? null;
        $after = $input['after'] ?? null;

        return is_string($parent) && ($after === null || is_string($after)) ? [$parent, $after] : null;
    }

    /** @return Node|non-empty-list<Problem> */
    public function block(mixed $input): Node|array
    {
        return $this->trees->parseBlock($input);
    }

    /** @return Node|non-empty-list<Problem> */
    public function tree(mixed $input): Node|array
    {
        return $this->trees->parseTree($input);
    }

    /** @return Reach|non-empty-list<Problem> */
    public function reach(mixed $input): Reach|array
    {
        return ($this->reaches)()->parse($input);
    }
}
