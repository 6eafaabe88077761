<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tokens;

use Vestibra\Core\Problem;
use Vestibra\Core\Styling\HouseStyle;

/**
 * A house style out of a file, with what of the file is no style of the shop.
 *
 * @api
 */
final readonly class ReadTokens
{
    /** @param  list<Problem>  $passedOver */
    public function __construct(
        public HouseStyle $style,
        public array $passedOver,
    ) {
    }
}
