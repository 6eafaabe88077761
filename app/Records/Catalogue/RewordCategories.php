<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\QueuedBefore;
use Vestibra\App\Records\Catalogue\Sql\CategoryRows;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;

/**
 * What is beneath some categories is found by other words, since they are called or stand otherwise. Running it once
 * more does no harm.
 */
final class RewordCategories implements ShouldQueue
{
    use Queueable;
    use QueuedBefore;

    private const AT_ONCE = 1_000;

    public int $tries = 3;

    /** @param  list<int>  $categories */
    public function __construct(private readonly array $categories)
    {
    }

    public function handle(): void
    {
        $list = implode(',', $this->categories);
        $products = array_column(
            CategoryRows::productsBeneath($list),
            'id',
        );
        foreach (array_chunk($products, self::AT_ONCE) as $some) {
            DB::transaction(static fn () => ProductIndex::words('p.id in ('.implode(',', $some).')'));
        }
    }
}
