<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut\Whole;

/** What stands around a page, printed. */
final readonly class Around
{
    public function __construct(
        public string $header = '',
        public string $footer = '',
        public string $css = '',
    ) {
    }
}
