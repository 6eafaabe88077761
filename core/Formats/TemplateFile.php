<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/**
 * One template as a file: what a shop hands to another. Its reach stands beside the tree, for whoever wants to take it
 * over.
 *
 * @api
 */
final readonly class TemplateFile
{
    public const FORMAT = 1;

    /** @param  list<array{id: int, file: string, alt: string}>  $pictures  those that the tree names */
    public function __construct(
        public string $name,
        public PageKind $kind,
        public Node $tree,
        public Reach $reach,
        public array $pictures = [],
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'vestibra' => 'template',
            'format' => self::FORMAT,
            'name' => $this->name,
            'pageKind' => $this->kind->value,
            'tree' => TreeReader::write($this->tree),
            'reach' => $this->reach->toArray(),
            'pictures' => $this->pictures,
        ];
    }
}
