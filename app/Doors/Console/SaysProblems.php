<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Throwable;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Words\ProblemWords;
use Vestibra\Core\Problem;

/** What the commands have in common: reading words, moving the clock, and saying what went wrong. */
trait SaysProblems
{
    private function text(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    /** @return int the command's outcome */
    private function refuse(string $words): int
    {
        $this->option('json')
            ? $this->line((string) json_encode(['error' => $words], JSON_UNESCAPED_UNICODE))
            : $this->error($words);

        return self::FAILURE;
    }

    /** Without what the machine says to itself. */
    private function failed(Throwable $error, string $more = ''): int
    {
        return $this->refuse(NoRoom::isBehind($error) ? NoRoom::WORDS : $error->getMessage().$more);
    }

    /** @param  list<Problem>  $problems */
    private function problems(array $problems): int
    {
        return $this->refuse(implode("\n", array_map(ProblemWords::of(...), $problems)));
    }

    /** Names the database that is written to, so that nobody changes another one than they mean. */
    private function saysWhere(): void
    {
        if (! $this->hasOption('json') || ! $this->option('json')) {
            $this->line('Database: '.config()->string('database.connections.sqlite.database'));
        }
    }

    private function json(mixed $data): int
    {
        $this->line(json_encode(
            $data,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
        ));

        return self::SUCCESS;
    }

    private function moveClock(ShopClock $clock): bool
    {
        $at = $this->option('at');
        $instant = is_string($at) ? $clock->zone->instant($at) : null;
        if (is_string($at) && $instant === null) {
            $this->refuse('The time could not be understood. Write it as 2026-12-31 or 2026-12-31 23:30.');

            return false;
        }
        $clock->moveTo($instant);

        return true;
    }
}
