<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** One change to what customers see, as a release holds it. Values before are those of the moment it is made. */
interface ReleaseChange
{
    /** The fixed name in stored releases. */
    public static function name(): string;

    /** @return Problem|null why it cannot be made now */
    public function problem(): ?Problem;

    /** The same change with the values before as they are now. */
    public function now(): self;

    public function apply(): void;

    /** What takes it back. */
    public function inverse(): self;

    /** The shop as it would be with this change too. */
    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf;

    /** @return list<PageKind> the kinds of pages that it may change */
    public function kinds(AskedByChanges $shop): array;

    /** @return list<string> names of what it touches, as `template 3` or `pins` */
    public function touches(): array;

    public function words(): string;

    /** @return array<string, mixed> with `change` holding the name */
    public function toArray(): array;
}
