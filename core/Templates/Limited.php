<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Takes numbers between two limits, and says between which.
 *
 * @internal
 */
interface Limited
{
    /** @return string the limits of a value that is outside of them, as `12 to 96 px` */
    public function limits(mixed $value): string;
}
