<?php

declare(strict_types=1);

namespace Vestibra\Core;

/**
 * What every family of problems can do.
 *
 * @api
 */
trait ProblemFamily
{
    /** @param  array<string, string|int>  $values */
    public function at(string $path = '', array $values = []): Problem
    {
        return new Problem($this, $path, $values);
    }
}
