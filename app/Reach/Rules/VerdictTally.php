<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\Core\Reach\Claims;

/**
 * How many pages each template covers, has, and has of those that it covers, and how many products each collection by
 * rule has: kept by what comes and goes. A row is the template that a page has, and who claims it, as `Claims` are
 * written.
 *
 * @phpstan-type Row array{int, string}
 */
final class VerdictTally
{
    /** @param  array<int, array{int, int, int}>  $numbers  covers, shown on, won: by template */
    public function __construct(public array $numbers = [])
    {
    }

    /**
     * @param  Row|null  $before
     * @param  Row|null  $after
     */
    public function change(?array $before, ?array $after): void
    {
        $this->count($before, -1);
        $this->count($after, 1);
    }

    /** @param  Row|null  $row */
    private function count(?array $row, int $by): void
    {
        if ($row === null) {
            return;
        }
        [$template, $written] = $row;
        $claims = Claims::read($written);
        foreach ($claims->collections() as $id) {
            $this->numbers[Claims::collection($id)] ??= [0, 0, 0];
            $this->numbers[Claims::collection($id)][0] += $by;
        }
        foreach ($claims->templates() as $id) {
            $this->numbers[$id] ??= [0, 0, 0];
            $this->numbers[$id][0] += $by;
            $this->numbers[$id][2] += $id === $template ? $by : 0;
        }
        $this->numbers[$template] ??= [0, 0, 0];
        $this->numbers[$template][1] += $by;
    }
}
