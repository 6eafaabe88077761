<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Where in the tree a kind may stand.
 *
 * @api
 */
enum Role: string
{
    case Page = 'page';
    case Band = 'band';
    case Column = 'column';
    case Block = 'block';
    case Tab = 'tab';
    case Fold = 'fold';
}
