<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Edits\Insert;
use Vestibra\Core\Templates\Edits\Move;
use Vestibra\Core\Templates\Edits\Remove;
use Vestibra\Core\Templates\Edits\Replace;
use Vestibra\Core\Templates\Edits\SetReach;
use Vestibra\Core\Templates\Edits\SetValue;
use Vestibra\Core\Templates\Node;

/** Says what a step did, as the undo button names it. */
final readonly class EditWords
{
    public function __construct(private Composer $composer)
    {
    }

    /** @param  list<Edit>  $edits */
    public function of(array $edits, Node $before): string
    {
        $first = $edits[0] ?? null;
        $words = $first === null ? '' : $this->one($first, $before);

        return count($edits) > 1 ? $words.' and '.(count($edits) - 1).' more' : $words;
    }

    private function one(Edit $edit, Node $before): string
    {
        return match (true) {
            $edit instanceof Insert => $this->name($edit->node->kind).' put in',
            $edit instanceof Remove => $this->nameOf($edit->id, $before).' taken out',
            $edit instanceof Move => $this->nameOf($edit->id, $before).' moved',
            $edit instanceof SetValue => $this->nameOf($edit->id, $before).': '.$this->setting($edit, $before),
            $edit instanceof SetReach => 'Where it appears',
            $edit instanceof Replace => 'The whole page replaced',
            default => 'A change',
        };
    }

    private function nameOf(string $id, Node $tree): string
    {
        return $this->name($tree->find($id)->kind ?? '');
    }

    private function name(string $kind): string
    {
        return $this->composer->schema->definition($kind)->name ?? 'Block';
    }

    private function setting(SetValue $edit, Node $tree): string
    {
        $kind = $tree->find($edit->id)->kind ?? '';
        $label = $this->composer->schema->definition($kind)?->setting($edit->question, $edit->setting)->label
            ?? $edit->setting;

        return mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1);
    }
}
