<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

/** Said after many products changed at once, to whoever keeps something about all of them. */
final readonly class ManyChanged
{
}
