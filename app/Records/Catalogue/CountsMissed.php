<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Illuminate\Support\Facades\Event;
use stdClass;

/** Said when somebody had to wait for numbers that are usually kept, to whoever keeps them. */
final readonly class CountsMissed
{
    /** @param  list<stdClass>  $rows  each with `is_counted` */
    public static function in(array $rows): void
    {
        foreach ($rows as $row) {
            if ($row->is_counted) {
                Event::dispatch(new self);

                return;
            }
        }
    }
}
