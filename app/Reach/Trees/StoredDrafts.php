<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use LogicException;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/** Stored trees and reaches as values of the core, and back. */
final readonly class StoredDrafts
{
    public function __construct(
        private Composer $composer,
        private KindRulesReader $contests,
        private Ids $ids,
    ) {
    }

    public function draft(Template $template): Draft
    {
        return new Draft($this->tree($template->draft_tree), $this->reach($template, $template->draft_reach));
    }

    public function live(Template $template): ?Draft
    {
        return $template->isLive()
            ? new Draft($this->tree($template->live_tree), $this->reach($template, $template->live_reach))
            : null;
    }

    /** @param  array<string, mixed>|null  $stored */
    private function reach(Template $template, ?array $stored): Reach
    {
        return $template->isPage() ? $this->contests->stored($stored, $template->knownKind()) : new Reach;
    }

    /** @throws LogicException when a stored tree cannot be read */
    public function tree(mixed $stored): Node
    {
        $tree = (new TreeReader($this->composer->schema, $this->ids))->parseTree($stored);

        return $tree instanceof Node
            ? $tree
            : throw new LogicException('A stored tree cannot be read: '.$tree[0]->code->value.' at '.$tree[0]->path);
    }
}
