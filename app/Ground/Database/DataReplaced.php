<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Database;

use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** The shop's data was put back from a backup while a request was on its way. */
final class DataReplaced extends ServiceUnavailableHttpException
{
    public function __construct()
    {
        parent::__construct(1, 'The shop’s data was put back from a backup meanwhile.');
    }
}
