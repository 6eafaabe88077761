<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\NewLooks;
use Vestibra\Core\Releases\ReleaseChange;

/** What one kind of change means to the shop's data: what stands now, making it so, which pages it may touch. */
interface ReleaseDeed
{
    /** @return Problem|null why it cannot be made now */
    public function problem(): ?Problem;

    /** The same change with the values before as they are now. */
    public function now(): ReleaseChange;

    public function apply(): void;

    /** @return list<PageKind> the kinds of pages that it may change */
    public function kinds(AskedByChanges $shop): array;

    /** Which pages look different with it, where they keep their template. */
    public function looks(AskedByChanges $shop): NewLooks;

    public function words(): string;
}
