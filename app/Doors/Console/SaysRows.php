<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Database\QueryException;
use PDOException;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\InAndOut\Rows\RowProblem;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowsOut;
use Vestibra\App\Work\InAndOut\Rows\RowsOutcome;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;
use Vestibra\Core\Formats\Tables\DayForm;
use Vestibra\Core\Formats\Tables\NumberForm;

/** The catalogue's variants as a file of rows, out and in, on the console. */
trait SaysRows
{
    use SaysProblems;

    /** Whether what is named is a file of rows: `stock.csv`. */
    private static function isRows(string $path): bool
    {
        return preg_match('/\.(?:csv|tsv|txt)$/Di', $path) === 1;
    }

    private function exportRows(RowsOut $out, string $path): int
    {
        $done = $out->write($path, (bool) $this->option('over'));

        return match (true) {
            $done === null => $this->refuse("“{$path}” is there already, or cannot be written. With --over it is "
                .'written over.'),
            (bool) $this->option('json') => $this->json(['variants' => $done]),
            default => $this->well(Counted::of($done, 'variant stands', 'variants stand')." in $path."),
        };
    }

    private function importRows(RowsIn $in, string $path): int
    {
        $owner = $this->owner();
        $wishes = $this->wishes();
        if ($owner === null || $wishes === null || ! is_file($path)) {
            return match (true) {
                $owner === null => $this->refuse(self::NOBODY),
                $wishes === null => $this->misunderstood('Numbers are written with a “point” or a “comma”, and a '
                    .'column is said as --column="Bestand=stock".'),
                default => $this->refuse("There is no file “{$path}”."),
            };
        }
        try {
            $done = $in->read($path, $owner, $wishes);
        } catch (QueryException|PDOException $error) {
            return str_contains($error->getMessage(), 'locked')
                ? $this->refuse('Somebody else is writing just now. Nothing was changed; try again in a moment.')
                : $this->failed($error, ' Nothing was changed.');
        }
        $isTaken = $done->problems === [] || ($wishes->goodOnly && $done->columns !== []);
        if ($this->option('json')) {
            $this->json(self::asData($done));
        } else {
            $this->sayRows($done, $wishes, $isTaken);
        }

        return $isTaken ? self::SUCCESS : self::FAILURE;
    }

    private function wishes(): ?RowWishes
    {
        $numbers = $this->option('numbers');
        $form = is_string($numbers) ? NumberForm::tryFrom($numbers) : null;
        $columns = [];
        foreach ((array) $this->option('column') as $said) {
            $parts = explode('=', (string) $said, 2);
            if (count($parts) !== 2) {
                return null;
            }
            $columns[$parts[0]] = $parts[1];
        }

        $days = $this->option('days');
        $day = is_string($days) ? DayForm::tryFrom($days) : null;

        return (is_string($numbers) && ! in_array($form, [NumberForm::Comma, NumberForm::Point], true))
            || (is_string($days) && ! in_array($day, [DayForm::DayFirst, DayForm::MonthFirst], true))
            ? null
            : new RowWishes(
                (bool) $this->option('dry-run'),
                (bool) $this->option('good'),
                (bool) $this->option('empty'),
                (bool) $this->option('leaps'),
                $columns,
                $form,
                $day,
            );
    }

    private function sayRows(RowsOutcome $done, RowWishes $wishes, bool $isTaken): void
    {
        foreach ($done->columns as $column => $what) {
            $this->line("  $column: ".($what === '' ? 'nothing of the shop' : $what));
        }
        foreach (array_slice($done->problems, 0, self::SHOWN) as $one) {
            $this->error(self::saidOfRow($one));
        }
        count($done->problems) > self::SHOWN && $this->line('  and '.(count($done->problems) - self::SHOWN).' more');
        foreach ($done->moves['moves'] as $move) {
            $this->line('  '.Counted::of($move['count'], 'page').": “{$move['fromName']}” → “{$move['toName']}”");
        }
        $what = Counted::of($done->changed, 'row')
            .($done->fields === [] ? '' : ' ('.implode(', ', array_map(
                static fn (string $field, int $count): string => "$field of $count",
                array_keys($done->fields),
                $done->fields,
            )).')');
        $wrong = $done->wrong === 0 ? '' : ' '.Counted::of($done->wrong, 'row cannot', 'rows cannot').' be taken.';
        $this->info(match (true) {
            ! $isTaken => "Nothing was changed.$wrong"
                .($done->columns === [] ? '' : ' With --good the others are taken.'),
            $wishes->dry => "Nothing was changed. Reading it in would change $what.$wrong",
            ! $done->isDone() => "The shop is as the file says: nothing was changed.$wrong",
            default => "Changed: $what.$wrong The catalogue’s history takes it back as one.",
        });
    }

    private static function saidOfRow(RowProblem $one): string
    {
        return ($one->line === 0 ? '' : "line $one->line".($one->column === '' ? '' : ", $one->column")
            .($one->written === '' ? '' : " “{$one->written}”").': ')
            .ProblemWords::of($one->problem)
            .($one->meant === null ? '' : " Did you mean “{$one->meant}”?");
    }

    /** @return array<string, mixed> */
    private static function asData(RowsOutcome $done): array
    {
        $data = array_diff_key(get_object_vars($done), ['shown' => true, 'pinned' => true]);

        return array_replace($data, ['problems' => array_map(
            static fn (RowProblem $one): array => [
                'line' => $one->line, 'column' => $one->column, 'written' => $one->written,
                'message' => ProblemWords::of($one->problem), 'meant' => $one->meant,
            ],
            $done->problems,
        )]);
    }
}
