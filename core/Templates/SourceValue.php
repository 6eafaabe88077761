<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What a source gives, and a setting takes.
 *
 * @api
 */
enum SourceValue: string
{
    case Words = 'words';
    case RichText = 'rich-text';
    case Picture = 'picture';
    case Link = 'link';
    /** As `2026-12-31`. */
    case Day = 'day';
    /** A whole number. */
    case Number = 'number';
}
