<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * Reads rows of cells (RFC 4180, with the separators that spreadsheets write) chunk by chunk: what it holds at once is
 * one row, whatever the file has. Lines end with CR, LF or both; what stands in quotes may hold all of them. Rows
 * without anything in them are passed over.
 *
 * @internal
 */
final class TableReader
{
    public const MOST_COLUMNS = 500;

    /** Bytes of one cell. */
    public const MOST_CELL = 250_000;

    /** Bytes of all cells of a row. */
    public const MOST_ROW = 1_000_000;

    private string $cell = '';

    /** Bytes of the row so far. */
    private int $bytes = 0;

    /** @var list<string> */
    private array $cells = [];

    private ?TableProblem $problem = null;

    /** Whether the cell began with a quote, and whether that was closed. */
    private bool $isQuoted = false;

    private bool $isClosed = false;

    /** Whether a quote within quotes was the last that came: another one makes it a sign, anything else closes them. */
    private bool $isHalf = false;

    private int $line = 1;

    private int $begins = 1;

    /** @param  string  $separator  one byte */
    public function __construct(private readonly string $separator)
    {
    }

    /**
     * @param  iterable<string>  $chunks  UTF-8
     * @return iterable<TableRow>
     */
    public function rows(iterable $chunks): iterable
    {
        $rest = '';
        foreach ($chunks as $chunk) {
            $text = $rest.$chunk;
            // A CR at the end is understood with what follows it.
            $rest = str_ends_with($text, "\r") ? "\r" : '';
            yield from $this->of($rest === '' ? $text : substr($text, 0, -1));
        }
        yield from $this->of($rest);
        $this->isClosed = $this->isClosed || $this->isHalf;
        if ($this->isQuoted && ! $this->isClosed) {
            $this->problem ??= TableProblem::Unclosed;
        }
        yield from $this->ended();
    }

    /** @return iterable<TableRow> */
    private function of(string $text): iterable
    {
        $length = strlen($text);
        $at = 0;
        if ($this->isHalf && $length > 0) {
            $this->isHalf = false;
            $at = $this->halfway($text, 0);
        }
        while ($at < $length) {
            if ($this->isQuoted && ! $this->isClosed) {
                $at = $this->quoted($text, $at);

                continue;
            }
            $run = strcspn($text, "\"\r\n$this->separator", $at);
            $run > 0 && $this->add(substr($text, $at, $run));
            $at += $run;
            if ($at >= $length) {
                break;
            }
            $sign = $text[$at++];
            if ($sign === '"') {
                $this->quote();
            } elseif ($sign === $this->separator) {
                $this->next();
            } else {
                $at += $sign === "\r" && ($text[$at] ?? '') === "\n" ? 1 : 0;
                $this->line++;
                yield from $this->ended();
            }
        }
    }

    /** @return int where what stands in quotes goes on, or ends */
    private function quoted(string $text, int $at): int
    {
        $run = strcspn($text, '"', $at);
        if ($run > 0) {
            $words = substr($text, $at, $run);
            $this->line += preg_match_all('/\r\n?|\n/', $words);
            $this->add($words);
        }
        $at += $run;
        if ($at >= strlen($text)) {
            return $at;
        }
        if ($at + 1 === strlen($text)) {
            $this->isHalf = true;

            return $at + 1;
        }

        return $this->halfway($text, $at + 1);
    }

    /** @return int behind what follows a quote within quotes, where that belongs to it */
    private function halfway(string $text, int $at): int
    {
        if ($text[$at] === '"') {
            $this->add('"');

            return $at + 1;
        }
        $this->isClosed = true;

        return $at;
    }

    private function quote(): void
    {
        if ($this->cell === '' && ! $this->isQuoted) {
            $this->isQuoted = true;
        } else {
            $this->add('"');
        }
    }

    private function add(string $words): void
    {
        if ($this->isClosed) {
            $this->problem ??= TableProblem::AfterQuotes;
        }
        $this->bytes += strlen($words);
        if (strlen($this->cell) + strlen($words) > self::MOST_CELL) {
            $this->problem ??= TableProblem::CellTooLong;
        } elseif ($this->bytes > self::MOST_ROW) {
            $this->problem ??= TableProblem::RowTooLong;
        } else {
            $this->cell .= $words;
        }
    }

    private function next(): void
    {
        if (count($this->cells) >= self::MOST_COLUMNS) {
            $this->problem ??= TableProblem::TooManyColumns;
        } else {
            $this->cells[] = $this->cell;
        }
        $this->cell = '';
        $this->isQuoted = $this->isClosed = $this->isHalf = false;
    }

    /** @return iterable<TableRow> */
    private function ended(): iterable
    {
        $this->next();
        $row = new TableRow($this->begins, $this->cells, $this->problem);
        [$this->cells, $this->problem, $this->begins, $this->bytes] = [[], null, $this->line, 0];
        if ($row->problem !== null || implode('', $row->cells) !== '') {
            yield $row;
        }
    }
}
