<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Whole;

/** How somebody wants a file read that holds more than rows. */
final readonly class WholeWishes
{
    /**
     * @param  bool  $dry  says what would happen, and changes nothing
     * @param  bool  $over  the file wins where both changed, and may be another shop's
     * @param  bool  $delete  what has no file is deleted
     * @param  bool  $leaping  prices may become ten times as high or low
     * @param  bool  $withReach  a template's rules are taken over into its draft
     */
    public function __construct(
        public bool $dry = true,
        public bool $over = false,
        public bool $delete = false,
        public bool $leaping = false,
        public bool $withReach = false,
    ) {
    }
}
