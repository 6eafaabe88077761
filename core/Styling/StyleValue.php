<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * A value of a style setting that knows its CSS.
 *
 * @api
 */
interface StyleValue
{
    /** @param  mixed  $value one that the type has accepted */
    public function css(mixed $value): string;
}
