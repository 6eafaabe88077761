<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * What a row of templates is. Whether it has been let go of is another matter.
 *
 * @api
 */
enum TemplateRole: string
{
    /** Lays out pages of its kind, by its reach. */
    case Page = 'page';
    /** How one product looks in a grid. */
    case Card = 'card';
    /** A kept part. */
    case Part = 'part';
    /** The blocks that one product has as a fact. */
    case OwnBlocks = 'own-blocks';
}
