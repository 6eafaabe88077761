<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Closure;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Templates\Edits\EditKinds;
use Vestibra\Core\Templates\Edits\EditParts;

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
    private EditParts $parts;

    private EditKinds $kinds;

    /**
     * @param  Closure(): ReachReader  $reaches  asked for only where a rule is read
     * @param  (Closure(string): (string|null))|null  $kindOf  the kind of the block with an id, for edits that an older
     *     format wrote about it
     */
    public function __construct(
        TreeReader $trees,
        Closure $reaches,
        private ?Closure $kindOf = null,
        ?EditKinds $kinds = null,
    ) {
        $this->parts = new EditParts($trees, $reaches);
        $this->kinds = $kinds ?? EditKinds::standard();
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
        $class = $this->kinds->class($input['edit'] ?? null);

        return $class === null ? [EditProblem::Unknown->at()] : $class::parse($input, $this->parts);
    }
}
