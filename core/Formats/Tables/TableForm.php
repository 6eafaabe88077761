<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * How a file of rows is written: its letters, and what stands between cells. What separates is found by trying: the one
 * that gives the most rows as many cells as the first.
 *
 * @api
 */
final readonly class TableForm
{
    private const SEPARATORS = [',', ';', "\t"];

    /** So many rows, or bytes, are tried. */
    private const TRIED = 40;

    private const MOST_TRIED = 200_000;

    private function __construct(
        public TextEncoding $encoding,
        public string $separator,
        private string $said,
    ) {
    }

    /** @param  callable(): iterable<string>  $file  opens it once more each time */
    public static function of(callable $file): self
    {
        $encoding = TextEncoding::of($file());
        $beginning = '';
        foreach ($encoding->decoded($file()) as $text) {
            $beginning .= $text;
            if (strlen($beginning) > self::MOST_TRIED) {
                break;
            }
        }
        // Some spreadsheets say it in a line of its own.
        if (preg_match('/^"?sep=([,;\t])"?(?:\r\n?|\n)/i', $beginning, $said) === 1) {
            return new self($encoding, $said[1], $said[0]);
        }
        $best = [0, ','];
        foreach (self::SEPARATORS as $separator) {
            $score = self::score($beginning, $separator);
            $best = $score > $best[0] ? [$score, $separator] : $best;
        }

        return new self($encoding, $best[1], '');
    }

    /**
     * @param  iterable<string>  $chunks  the file
     * @return iterable<TableRow>
     */
    public function rows(iterable $chunks): iterable
    {
        return (new TableReader($this->separator))->rows($this->text($chunks));
    }

    /**
     * @param  iterable<string>  $chunks
     * @return iterable<string> without the line that says the separator
     */
    private function text(iterable $chunks): iterable
    {
        $before = '';
        $isBegun = $this->said === '';
        foreach ($this->encoding->decoded($chunks) as $text) {
            if ($isBegun) {
                yield $text;
            } elseif (strlen($before .= $text) >= strlen($this->said)) {
                $isBegun = true;
                // Lines are counted as the file has them.
                yield "\n".substr($before, strlen($this->said));
            }
        }
    }

    private static function score(string $beginning, string $separator): int
    {
        $width = $alike = $seen = 0;
        foreach ((new TableReader($separator))->rows([$beginning]) as $row) {
            $width = $seen === 0 ? count($row->cells) : $width;
            $alike += count($row->cells) === $width ? 1 : 0;
            if (++$seen === self::TRIED) {
                break;
            }
        }

        return $width < 2 ? 0 : intdiv($alike * 1_000, $seen) * 1_000 + min($width, 999);
    }
}
