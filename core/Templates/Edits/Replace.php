<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

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
 * @api
 */
final readonly class Replace implements Edit
{
    public function __construct(
        public Node $tree,
        public Reach $reach,
    ) {
    }

    public static function name(): string
    {
        return 'replace';
    }

    public function apply(Draft $draft, Schema $schema): EditResult
    {
        return new EditResult(new Draft($this->tree, $this->reach), new self($draft->tree, $draft->reach), [
            $this->tree->id,
        ]);
    }

    public function toArray(): array
    {
        return ['edit' => self::name(), 'tree' => TreeReader::write($this->tree), 'reach' => $this->reach->toArray()];
    }
}
