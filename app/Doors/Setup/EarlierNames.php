<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Setup;

use Vestibra\App\Ground\Pictures\MakeSizes;
use Vestibra\App\Lists\Filters\RefreshFilters;
use Vestibra\App\Records\Catalogue\RewordCategories;
use Vestibra\App\Work\Fitting\FitTemplate;
use Vestibra\App\Work\Releases\RunDueReleases;
use Vestibra\App\Work\Saving\RunDueProducts;

/** Work that an earlier version put into the queue names its class as it was called then. */
final class EarlierNames
{
    private const JOBS = [
        'Vestibra\App\Jobs\FitTemplate' => FitTemplate::class,
        'Vestibra\App\Jobs\MakeSizes' => MakeSizes::class,
        'Vestibra\App\Jobs\RefreshFilters' => RefreshFilters::class,
        'Vestibra\App\Jobs\RewordCategories' => RewordCategories::class,
        'Vestibra\App\Jobs\RunDueProducts' => RunDueProducts::class,
        'Vestibra\App\Jobs\RunDueReleases' => RunDueReleases::class,
    ];

    public static function register(): void
    {
        spl_autoload_register(static function (string $class): void {
            isset(self::JOBS[$class]) && class_alias(self::JOBS[$class], $class);
        });
    }
}
