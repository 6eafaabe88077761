<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

/**
 * What can be the matter with a template on one page.
 *
 * @api
 */
enum Matter: string
{
    /** An essential of the kind of page. */
    case Missing = 'missing';
    case Doubled = 'doubled';
    case Empty = 'empty';
    case NoPicture = 'no-picture';
    case Otherwise = 'otherwise';
    case TooLong = 'too-long';
    case TooWide = 'too-wide';
    case HeadingOrder = 'heading-order';
    /** Two pages that search engines list by the same title. */
    case SameTitle = 'same-title';
    /** A page of which search engines are told nothing but its title. */
    case NoWords = 'no-words';
    /** Words of a start or of the shelf that nobody has replaced: the same on every page. */
    case Unreplaced = 'unreplaced';
}
