<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * One value of an option, such as Teal of Colour. The swatch is a colour as `#rrggbb`.
 *
 * @api
 */
final readonly class OptionValue
{
    public function __construct(
        public int $id,
        public string $label,
        public ?string $swatch = null,
    ) {
    }
}
