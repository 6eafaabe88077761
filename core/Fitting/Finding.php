<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

/** One thing that is the matter on one page. */
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
}
