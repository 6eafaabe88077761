<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

/** What can be done with selected pages that changes which template they have. */
enum LayoutDeed: string
{
    /** A rule of a template takes them, and every later page like them. */
    case Rule = 'rule';
    /** They are pinned to a template. */
    case Pin = 'pin';
    /** A rule of a template names them one by one. */
    case Name = 'name';
    /** A template does not take them, whatever else its rules say. */
    case KeepOff = 'keepOff';
    case Unpin = 'unpin';

    public function wantsTemplate(): bool
    {
        return $this !== self::Unpin;
    }
}
