<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Closure;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\NumberForm;

/** How somebody wants a file of rows read. */
final readonly class RowWishes
{
    /**
     * @param  bool  $dry  says what would happen, and changes nothing
     * @param  bool  $goodOnly  rows that can be taken are taken though others cannot
     * @param  bool  $emptied  an empty cell empties; else it leaves things as they are
     * @param  bool  $leaping  prices that become ten times as high or low, or more, are meant so
     * @param  array<string, string>  $columns  as a column is called => what it is, in words; '' for nothing
     * @param  NumberForm|null  $numbers  null: as each column tells
     * @param  DayForm|null  $days  null: as each column tells
     * @param  array<int, array<int, string>|null>  $mended  line => place of a cell => what stands there instead; null:
     *     the row is left out
     * @param  string|null  $called  what the file is called in the history; null: as it is
     * @param  Closure(string, int, int): bool|null  $goOn  asked again and again with what is being done, with how
     *     many, and of how many (0: not known); false ends it, and nothing of it stays
     */
    public function __construct(
        public bool $dry = false,
        public bool $goodOnly = false,
        public bool $emptied = false,
        public bool $leaping = false,
        public array $columns = [],
        public ?NumberForm $numbers = null,
        public ?DayForm $days = null,
        public array $mended = [],
        public ?string $called = null,
        public ?Closure $goOn = null,
    ) {
    }
}
