<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Work\InAndOut\Columns\ProductColumn;
use Vestibra\App\Work\InAndOut\Columns\RowColumns;
use Vestibra\App\Work\Saving\Moves;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Formats\Tables\CellForm;
use Vestibra\Core\Problem;

/**
 * What is seen of a file of rows while it is read.
 *
 * @phpstan-import-type Summary from Moves
 */
final class RowsReport
{
    private const MOST_PROBLEMS = 1_000;

    private const MOST_SHOWN = 100;

    /** Bytes of a line's number. */
    private const LINE = 4;

    public int $rows = 0;

    /** @var array<int, CellForm> how columns of numbers and days are read, by their place */
    public array $forms = [];

    /** Rows that cannot be taken. */
    public int $wrong = 0;

    /** The line in which each variant was named, and each product that a row is about alone. */
    private readonly PackedRows $variants;

    private readonly PackedRows $products;

    /** Rows that change something. */
    private int $changed = 0;

    /** The line that was wrong last. */
    private int $wrongLine = -1;

    /** @var array<int, list<Change>> the first of them, by line */
    private array $shown = [];

    /** @var array<int, array{title: string, from: string, to: string}> of those, which are pinned */
    private array $pinned = [];

    /** @var array<string, int> */
    private array $fields = [];

    /** @var list<RowProblem> */
    private array $problems = [];

    public function __construct(private readonly RowColumns $columns)
    {
        $this->variants = new PackedRows(self::LINE);
        $this->products = new PackedRows(self::LINE);
    }

    /** @return int the line in which something was named; 0: in none yet */
    public function seen(int $variant, int $product): int
    {
        $line = unpack('V', $variant > 0 ? $this->variants->get($variant) : $this->products->get($product));

        return $line === false ? 0 : (int) $line[1];
    }

    public function see(int $variant, int $product, int $line): void
    {
        $variant > 0
            ? $this->variants->set($variant, pack('V', $line))
            : $this->products->set($product, pack('V', $line));
    }

    /** A row counts once, however much of it is wrong. */
    public function wrong(int $line, string $column, string $written, Problem $problem, ?string $meant = null): void
    {
        $this->wrong += $line === $this->wrongLine ? 0 : 1;
        $this->wrongLine = $line;
        if (count($this->problems) < self::MOST_PROBLEMS) {
            $this->problems[] = new RowProblem($line, $column, mb_substr($written, 0, 60), $problem, $meant);
        }
    }

    /**
     * @param  int  $line  of the file
     * @param  array{title: string, from: string, to: string}|null  $pin  the product, and the names of its templates
     *     before and after, where that changes
     */
    public function changed(int $line, ?array $pin, Change ...$changes): void
    {
        $this->changed++;
        if (count($this->shown) < self::MOST_SHOWN) {
            $this->shown[$line] = array_values($changes);
            $pin === null || $this->pinned[$line] = $pin;
        }
        foreach ($changes as $change) {
            foreach ($change->fields() as $field) {
                $words = $this->columns->words($change->thing, $field);
                $this->fields[$words] = ($this->fields[$words] ?? 0) + 1;
            }
        }
        if ($pin !== null) {
            $this->fields[ProductColumn::PIN] = ($this->fields[ProductColumn::PIN] ?? 0) + 1;
        }
    }

    /** @return string for the history */
    public function words(string $file): string
    {
        $what = implode(', ', array_keys($this->fields));

        return "“{$file}”: ".Counted::of($this->changed, 'row').", $what";
    }

    /** @param  Summary  $moves */
    public function outcome(int $entry, array $moves, int $release = 0): RowsOutcome
    {
        return new RowsOutcome(
            $entry,
            $this->rows,
            $this->changed,
            $this->fields,
            $this->columns->understood(),
            $this->problems,
            $this->wrong,
            $moves,
            $this->shown,
            $this->pinned,
            $release,
            $this->forms,
        );
    }
}
