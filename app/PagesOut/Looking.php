<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\Core\Composing\Visit;

/** How a page is looked at: by a customer, or by somebody who works on what it is made of. */
final readonly class Looking
{
    /**
     * @param  bool  $explain  for the canvas: blocks that do not appear say why in words
     * @param  list<int>  $drafts  parts and cards whose drafts are taken instead of what is live
     * @param  list<string>|null  $only  of cards, the blocks that are wanted besides all styles; null for all
     */
    public function __construct(
        public Visit $visit = new Visit,
        public bool $explain = false,
        public array $drafts = [],
        public ?array $only = null,
    ) {
    }

    /** The same about another product, with the variant of it that was chosen; its cards are wanted whole. */
    public function besides(int $product): self
    {
        return new self(new Visit($this->visit->besides[$product] ?? []), $this->explain, $this->drafts);
    }
}
