<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\ConflictProblem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditProblem;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeReader;

/**
 * Gives one setting of one block a value; null unsets it, so that the default or the house style decides again.
 *
 * @internal
 */
final readonly class SetValue implements Edit
{
    /** Styles alone have a width: anything else is the same at each, and is said for the widest. */
    public Width $width;

    public function __construct(
        public string $id,
        public Question $question,
        public string $setting,
        public mixed $value,
        Width $width = Width::Desktop,
    ) {
        $this->width = $question === Question::How ? $width : Width::Desktop;
    }

    public static function kind(): EditKind
    {
        return new EditKind(
            'set',
            '{block:id}: {setting}',
            about: 'id',
            decides: ['{id} {question} {setting} {width}'],
            crossing: ConflictProblem::SameSetting,
        );
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $id = $input['id'] ?? null;
        $question = is_string($input['question'] ?? null) ? Question::tryFrom($input['question']) : null;
        $width = is_string($input['width'] ?? 'desktop') ? Width::tryFrom($input['width'] ?? 'desktop') : null;
        $setting = $input['setting'] ?? null;
        if (! is_string($id) || $question === null || $width === null || ! is_string($setting)) {
            return [EditProblem::NotAnEdit->at()];
        }

        return new self($id, $question, $setting, $input['value'] ?? null, $width);
    }

    public function apply(Draft $draft, Schema $schema): EditResult|Problem
    {
        $node = $draft->tree->find($this->id);
        $definition = $node === null ? null : $schema->definition($node->kind);
        if ($node === null || $definition === null) {
            return EditProblem::Gone->at($this->id);
        }
        $problem = $this->value === null && $definition->setting($this->question, $this->setting) !== null
            ? null
            : TreeReader::problemWith($definition, $this->question, $this->setting, $this->value);
        if ($problem !== null) {
            return $problem->code->at($this->id, $problem->values);
        }
        $before = $node->value($this->question, $this->width->value, $this->setting);
        $tree = $draft->tree->change($this->id, fn (Node $found): Node => $found->withValue(
            $this->question,
            $this->width->value,
            $this->setting,
            $this->value,
        ));

        return new EditResult(
            $draft->withTree($tree),
            new self($this->id, $this->question, $this->setting, $before, $this->width),
            $this->question === Question::How ? new Redraw(stylesOnly: true) : new Redraw(touched: [$this->id]),
        );
    }

    public function touches(): Touches
    {
        return new Touches(works: [$this->id]);
    }

    public function stands(Draft $now): bool
    {
        $block = $now->tree->find($this->id);

        return $block !== null
            && $block->value($this->question, $this->width->value, $this->setting) === $this->value;
    }

    public function carries(Lines $lines): Lines
    {
        return $lines;
    }

    public function carriedOver(Placing $places): self
    {
        return $this;
    }

    public function toArray(): array
    {
        return [
            'edit' => self::kind()->name,
            'id' => $this->id,
            'question' => $this->question->value,
            'width' => $this->width->value,
            'setting' => $this->setting,
            'value' => $this->value,
        ];
    }
}
