<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files;

/** What a file is kept for. */
enum FileUse: string
{
    case Download = 'download';
    case Film = 'film';
    case Captions = 'captions';
}
