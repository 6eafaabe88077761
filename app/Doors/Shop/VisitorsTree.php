<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Vestibra\Core\Templates\Node;

/** The tree that a visitor sees a page through. */
final readonly class VisitorsTree
{
    /**
     * @param  list<int>  $drafts  parts and cards whose drafts are taken instead of what is live
     * @param  array{name: string, until: string, one: string, would: bool}|null  $looking  what somebody who came by a
     *     private link is told
     */
    public function __construct(
        public Node $tree,
        public int $templateId,
        public bool $isDraft,
        public array $drafts,
        public ?array $looking,
    ) {
    }
}
