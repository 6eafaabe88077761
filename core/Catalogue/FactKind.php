<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/** What values a fact takes. */
enum FactKind: string
{
    case Text = 'text';
    case RichText = 'rich-text';
    /** A whole number of the fact's smallest step: with one decimal, 0.4 mm is 4. */
    case Number = 'number';
    case YesNo = 'yes-no';
    case Date = 'date';
    case Choice = 'choice';
    /** Several texts. */
    case Several = 'list';
}
