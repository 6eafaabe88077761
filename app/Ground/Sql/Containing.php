<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Sql;

use Illuminate\Database\Query\Builder;

/**
 * Narrows a list to the rows that have some words in them. No index helps with words in the middle of a text: it reads
 * the rows of one list, in step with their number.
 */
final class Containing
{
    /** Capital letters make no difference, as far as SQLite knows them. */
    public static function text(Builder $rows, string $text, string ...$columns): void
    {
        $rows->where(static function (Builder $some) use ($text, $columns): void {
            foreach ($columns as $column) {
                $some->orWhereRaw("instr(lower($column), lower(?)) > 0", [$text]);
            }
        });
    }

    /**
     * Each of some words, folded, in a column of folded text.
     *
     * @param  list<string>  $words
     * @param  string  $column  or what is put together from several
     */
    public static function folded(Builder $rows, array $words, string $column): void
    {
        foreach ($words as $word) {
            $rows->whereRaw("instr($column, ?) > 0", [$word]);
        }
    }
}
