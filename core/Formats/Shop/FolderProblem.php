<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

use Vestibra\Core\Problem;

/**
 * What is the matter in one file of a folder.
 *
 * @api
 */
final readonly class FolderProblem
{
    /** @param  string  $file  as `products/teal-ink.json` */
    public function __construct(
        public string $file,
        public Problem $problem,
    ) {
    }
}
