<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Throwable;

/**
 * A block that broke while a page was composed or printed.
 *
 * @internal
 */
final readonly class Failure
{
    public function __construct(
        public string $blockId,
        public string $kind,
        public Throwable $error,
    ) {
    }
}
