<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases;

use Vestibra\Core\Releases\Changes;

/**
 * Changes with their values before as they were at a moment, and what they would do.
 *
 * @phpstan-import-type Summary from Impact
 */
final readonly class PlannedChanges
{
    /**
     * @param  Summary  $impact
     * @param  string  $word  of what was live then
     */
    public function __construct(
        public Changes $changes,
        public array $impact,
        public string $word,
    ) {
    }
}
