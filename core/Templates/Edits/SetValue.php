<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Styling\Width;
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
 * @api
 */
final readonly class SetValue implements Edit
{
    public function __construct(
        public string $id,
        public Question $question,
        public string $setting,
        public mixed $value,
        public Width $width = Width::Desktop,
    ) {
    }

    public static function name(): string
    {
        return 'set';
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
            $this->question === Question::How ? [] : [$this->id],
        );
    }

    /** Whether both speak of the same setting of the same block. */
    public function sameSetting(self $other): bool
    {
        return $this->id === $other->id
            && $this->question === $other->question
            && $this->setting === $other->setting
            && $this->width === $other->width;
    }

    public function toArray(): array
    {
        return [
            'edit' => self::name(),
            'id' => $this->id,
            'question' => $this->question->value,
            'width' => $this->width->value,
            'setting' => $this->setting,
            'value' => $this->value,
        ];
    }
}
