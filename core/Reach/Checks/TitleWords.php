<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Checks;

use Vestibra\Core\Reach\Check;
use Vestibra\Core\Reach\Features;

/**
 * Each given word begins a word of the title, or of the query.
 *
 * @api
 */
final readonly class TitleWords implements Check
{
    /** @param  non-empty-list<string>  $words folded */
    public function __construct(public array $words)
    {
    }

    public function holds(Features $features): bool
    {
        foreach ($this->words as $word) {
            foreach ($features->words as $own) {
                if (str_starts_with($own, $word)) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }
}
