<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use RuntimeException;
use Vestibra\Core\Formats\Shop\FolderProblem;

/** Ends reading a folder so that nothing of it stays. */
final class Refused extends RuntimeException
{
    /** @param  non-empty-list<FolderProblem>  $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct('The folder was not read in.');
    }
}
