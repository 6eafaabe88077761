<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;

/** How a page lists its products, as the first block on it that does so has it. */
final readonly class PageList
{
    public function __construct(
        public int $perPage = 12,
        public string $sort = 'new',
    ) {
    }

    public static function of(Node $tree, Schema $schema): self
    {
        foreach ($tree->walk() as $node) {
            $definition = $schema->definition($node->kind);
            if ($definition?->listsProducts === true && ($node->when['off'] ?? false) !== true) {
                $perPage = $node->what['perPage'] ?? $definition->setting(Question::What, 'perPage')?->default;
                $sort = $node->what['sort'] ?? $definition->setting(Question::What, 'sort')?->default;

                return new self(is_int($perPage) ? $perPage : 12, is_string($sort) ? $sort : 'new');
            }
        }

        return new self;
    }
}
