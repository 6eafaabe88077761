<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\PartPlaces;
use Vestibra\App\Reach\Trees\Speaking;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Releases\StoredReaches;

/**
 * What a change asks of the shop to say which pages it touches: where cards and parts stand, what says which words, and
 * stored rules.
 */
final readonly class AskedByChanges implements StoredReaches
{
    public function __construct(
        public CardPlaces $cards,
        public PartPlaces $parts,
        public Speaking $speaking,
        private KindRulesReader $rules,
    ) {
    }

    public function reach(mixed $reach, PageKind $kind): Reach
    {
        return $this->rules->stored($reach, $kind);
    }
}
