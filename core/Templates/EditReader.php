<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Closure;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;

/**
 * Reads an edit from untrusted JSON (already decoded). Whether it fits the draft shows when it is applied.
 *
 * @shape Edit array{edit: 'insert', node: NewNode, parent: string, after: string|null}|array{edit: 'remove',
 *     id: string}|array{edit: 'move', id: string, parent: string, after: string|null}|array{edit: 'set', id: string,
 *     question: Question, width: WidthName, setting: string, value: Value}|array{edit: 'reach',
 *     reach: Reach}|array{edit: 'replace', tree: mixed, reach: Reach}
 *
 * @api
 */
final readonly class EditReader
{
    /**
     * @param  (Closure(string): (string|null))|null  $kindOf  the kind of the block with an id, for edits that an older
     *     format wrote about it
     */
    public function __construct(
        private TreeReader $trees,
        private ReachReader $reaches,
        private ?Closure $kindOf = null,
    ) {
    }

    /**
     * @param  int  $format  in which it was written
     * @return Edit|non-empty-list<Problem>
     */
    public function parse(mixed $input, int $format = TreeFormats::CURRENT): Edit|array
    {
        if (! is_array($input)) {
            return [EditProblem::NotAnEdit->at()];
        }
        $input = TreeFormats::edit($input, $format, $this->kindOf);

        return match ($input['edit'] ?? null) {
            Insert::name() => $this->insert($input),
            Remove::name() => is_string($input['id'] ?? null)
                ? new Remove($input['id'])
                : [EditProblem::NotAnEdit->at()],
            Move::name() => $this->move($input),
            SetValue::name() => $this->set($input),
            SetReach::name() => $this->reach($input),
            Replace::name() => $this->replace($input),
            default => [EditProblem::Unknown->at()],
        };
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return Edit|non-empty-list<Problem>
     */
    private function insert(array $input): Edit|array
    {
        $place = $this->place($input);
        if ($place === null) {
            return [EditProblem::NotAnEdit->at()];
        }
        $node = $this->trees->parseBlock($input['node'] ?? null);

        return $node instanceof Node ? new Insert($node, ...$place) : $node;
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return Edit|non-empty-list<Problem>
     */
    private function move(array $input): Edit|array
    {
        $place = $this->place($input);
        $id = $input['id'] ?? null;

        return $place !== null && is_string($id) ? new Move($id, ...$place) : [EditProblem::NotAnEdit->at()];
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return Edit|non-empty-list<Problem>
     */
    private function set(array $input): Edit|array
    {
        $id = $input['id'] ?? null;
        $question = is_string($input['question'] ?? null) ? Question::tryFrom($input['question']) : null;
        $width = is_string($input['width'] ?? 'desktop') ? Width::tryFrom($input['width'] ?? 'desktop') : null;
        $setting = $input['setting'] ?? null;
        if (! is_string($id) || $question === null || $width === null || ! is_string($setting)) {
            return [EditProblem::NotAnEdit->at()];
        }

        return new SetValue($id, $question, $setting, $input['value'] ?? null, $width);
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return Edit|non-empty-list<Problem>
     */
    private function reach(array $input): Edit|array
    {
        $reach = $this->reaches->parse($input['reach'] ?? null);

        return is_array($reach) ? $reach : new SetReach($reach);
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return Edit|non-empty-list<Problem>
     */
    private function replace(array $input): Edit|array
    {
        $tree = $this->trees->parseTree($input['tree'] ?? null);
        $reach = $this->reaches->parse($input['reach'] ?? null);

        return match (true) {
            is_array($tree) => $tree,
            is_array($reach) => $reach,
            default => new Replace($tree, $reach),
        };
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array{string, string|null}|null parent and the neighbour before
     */
    private function place(array $input): ?array
    {
        $parent = $input['parent'] ?? null;
        $after = $input['after'] ?? null;

        return is_string($parent) && ($after === null || is_string($after)) ? [$parent, $after] : null;
    }
}
