<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Reach\WhatIf;

/**
 * One change to what customers see, as a release holds it. Values before are those of the moment it is made.
 *
 * @api
 */
interface ReleaseChange
{
    /** What takes it back. */
    public function inverse(): self;

    /** The shop as it would be with this change too. */
    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf;

    /** @return list<string> names of what it touches, as `template 3` or `house style` */
    public function touches(): array;

    /** Whether everything is so already. */
    public function isNothing(): bool;

    /** @return array<string, mixed> with `change` holding its fixed name */
    public function toArray(): array;
}
