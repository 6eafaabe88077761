<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\PartPlaces;

/** What a change asks of the shop to say which pages it touches: where cards and parts stand, and stored rules. */
final readonly class AskedByChanges
{
    public function __construct(
        public CardPlaces $cards,
        public PartPlaces $parts,
        public KindRulesReader $rules,
    ) {
    }
}
