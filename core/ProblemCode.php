<?php

declare(strict_types=1);

namespace Vestibra\Core;

use BackedEnum;

/**
 * What can be the matter: one enum for each package, its values stable names such as `tree.unknown-kind`.
 *
 * @api
 */
interface ProblemCode extends BackedEnum
{
    /**
     * @param  string  $path  where in the input, as `bands/0/children/2`; empty for the whole
     * @param  array<string, string|int>  $values  what the sentence needs
     */
    public function at(string $path = '', array $values = []): Problem;
}
