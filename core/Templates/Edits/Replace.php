<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\EditResult;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeReader;

/**
 * Puts another page and reach in the place of the whole draft: throwing it away, an import, an earlier version.
 *
 * @internal
 */
final readonly class Replace implements Edit
{
    public function __construct(
        public Node $tree,
        public Reach $reach,
    ) {
    }

    public static function kind(): EditKind
    {
        return new EditKind('replace', 'The whole page replaced', about: null, decides: [], crossing: null);
    }

    /** @return self|non-empty-list<Problem> */
    public static function parse(array $input, EditParts $parts): self|array
    {
        $tree = $parts->tree($input['tree'] ?? null);
        $reach = $parts->reach($input['reach'] ?? null);

        return match (true) {
            is_array($tree) => $tree,
            is_array($reach) => $reach,
            default => new self($tree, $reach),
        };
    }

    public function apply(Draft $draft, Schema $schema): EditResult
    {
        return new EditResult(
            new Draft($this->tree, $this->reach),
            new self($draft->tree, $draft->reach),
            new Redraw(touched: [$this->tree->id]),
        );
    }

    public function touches(): Touches
    {
        return new Touches(everything: true);
    }

    public function stands(Draft $now): bool
    {
        return $now->tree->toArray() == $this->tree->toArray() && $now->reach->toArray() == $this->reach->toArray();
    }

    public function carries(Lines $lines): Lines
    {
        return $lines->anew($this->tree);
    }

    public function carriedOver(Placing $places): self
    {
        return $this;
    }

    public function toArray(): array
    {
        return [
            'edit' => self::kind()->name,
            'tree' => TreeReader::write($this->tree),
            'reach' => $this->reach->toArray(),
        ];
    }
}
