<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Pages\Essential;

/**
 * One thing that is the matter on one page.
 *
 * @api
 */
final readonly class Finding
{
    /**
     * @param  string|null  $blockId  null when it is about the whole page
     * @param  string  $about  in the shopkeeper's words, the same for every page it is the matter on
     */
    public function __construct(
        public Matter $matter,
        public ?string $blockId,
        public string $about,
    ) {
    }

    public static function missing(Essential $essential): self
    {
        return new self(Matter::Missing, null, "The page has no {$essential->words()}");
    }
}
