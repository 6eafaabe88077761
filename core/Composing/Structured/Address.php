<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing\Structured;

/**
 * An address of the shop in what a page says of itself: from the shop's root, until somebody knows where that is.
 *
 * @api
 */
final readonly class Address
{
    public function __construct(public string $path)
    {
    }
}
