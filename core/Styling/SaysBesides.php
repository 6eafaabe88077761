<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * A value of a style setting that needs more said than its own CSS property.
 *
 * @api
 */
interface SaysBesides extends StyleValue
{
    /**
     * @param  mixed  $value  one that the type has accepted
     * @return array<string, string> CSS property => value
     */
    public function besides(mixed $value): array;
}
