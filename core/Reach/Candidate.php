<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * A template of the page's kind, as the verdict sees it. One that is not live carries the reach of its draft, so
 * that the verdict can say whether it would win if it were published.
 *
 * @api
 */
final readonly class Candidate
{
    public function __construct(
        public int $templateId,
        public bool $live,
        public CompiledReach $reach,
    ) {
    }
}
