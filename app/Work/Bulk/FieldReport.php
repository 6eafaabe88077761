<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\FieldWords;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Problem;

/**
 * What is seen of many products while they are changed.
 *
 * @phpstan-import-type Summary from Moves
 * @phpstan-import-type Refused from FieldOutcome
 */
final class FieldReport
{
    private const MOST_REFUSED = 1_000;

    private const MOST_LINES = 10;

    public int $products = 0;

    /** @var array<int, true> products of which something changed */
    private array $changed = [];

    /** @var array<string, int> */
    private array $fields = [];

    private int $deleted = 0;

    /** @var list<array{float, Change, string}> those that changed most, with how much, and the field */
    private array $most = [];

    /** @var list<Refused> */
    private array $refused = [];

    private int $refusedCount = 0;

    public function __construct(private readonly FieldWords $words)
    {
    }

    /** @param  int  ...$products  of which something changed by it */
    public function done(Change $change, int ...$products): void
    {
        foreach ($products as $product) {
            $this->changed[$product] = true;
        }
        $this->deleted += $change->isDeleted() ? 1 : 0;
        foreach ($change->fields() as $name) {
            $field = ThingFields::field($change->thing, $name);
            $label = $field === null ? $name : $this->words->label($change->thing, $field);
            $this->fields[$label] = ($this->fields[$label] ?? 0) + 1;
            $far = self::far($change->before[$name] ?? null, $change->after[$name] ?? null);
            if (count($this->most) < self::MOST_LINES || $far > $this->most[self::MOST_LINES - 1][0]) {
                $this->most[] = [$far, $change, $name];
                usort($this->most, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
                $this->most = array_slice($this->most, 0, self::MOST_LINES);
            }
        }
    }

    public function refused(Change $change, Problem $problem): void
    {
        $this->refusedCount++;
        if (count($this->refused) < self::MOST_REFUSED) {
            $this->words->learn(new Entry([$change]));
            $this->refused[] = [
                'name' => $this->words->name($change),
                'why' => ProblemWords::of($problem),
            ];
        }
    }

    /** @return string for the history */
    public function words(): string
    {
        $products = Counted::of(count($this->changed), 'product');

        return $this->deleted > 0 ? "Deleted $products" : "$products: ".implode(', ', array_keys($this->fields));
    }

    /** @param  Summary  $moves */
    public function outcome(int $entry, array $moves): FieldOutcome
    {
        $this->words->learn(new Entry(array_map(
            static fn (array $one): Change => new Change(
                $one[1]->thing,
                $one[1]->id,
                [$one[2] => $one[1]->before[$one[2]] ?? null],
                [$one[2] => $one[1]->after[$one[2]] ?? null],
            ),
            $this->most,
        )));
        $lines = [];
        foreach ($this->most as [, $change, $name]) {
            $field = ThingFields::field($change->thing, $name);
            if ($field !== null) {
                $lines[] = [
                    'name' => $this->words->name($change),
                    'field' => $this->words->label($change->thing, $field),
                    'from' => $this->words->value($field, $change->before[$name] ?? null),
                    'to' => $this->words->value($field, $change->after[$name] ?? null),
                ];
            }
        }

        return new FieldOutcome(
            $entry,
            $this->words(),
            $this->products,
            count($this->changed),
            $this->deleted > 0 ? ['deleted' => $this->deleted] : $this->fields,
            $lines,
            $this->refused,
            $this->refusedCount,
            $moves,
        );
    }

    /** How many times as large or small a number becomes; other values are all as far. */
    private static function far(mixed $before, mixed $after): float
    {
        return is_int($before) && is_int($after) && $before > 0 && $after > 0
            ? max($before, $after) / min($before, $after)
            : 0;
    }
}
