<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Formats\Tables\TableProblem;

/** What is the matter with a file of rows, in words. */
final class TableWords
{
    public static function of(TableProblem $code): string
    {
        return match ($code) {
            TableProblem::Empty => 'There is nothing in the file. Nothing was changed.',
            TableProblem::TooManyColumns => 'The row has more than 500 columns. Take out those that are not needed.',
            TableProblem::CellTooLong => 'A cell holds more than 250 kB. Shorten it.',
            TableProblem::RowTooLong => 'The row holds more than 1 MB. Shorten it.',
            TableProblem::Unclosed => 'A quote opens a cell and none closes it, up to the end of the file.',
            TableProblem::AfterQuotes => 'Something stands behind a quote that closes a cell. A quote within a cell is '
                .'written twice.',
            TableProblem::HeaderTwice => 'The columns “{other}” and “{column}” are the same. Nothing was changed; take '
                .'one out.',
            TableProblem::NoKey => 'No column tells which variant a row is about: stock number, bar code or address '
                .'name. The columns are: {columns}. Nothing was changed.',
            TableProblem::NothingKnown => 'Besides the key no column is a field of a product. The columns are: '
                .'{columns}. Nothing was changed.',
            TableProblem::KeyMissing => 'The row has no {key}.',
            TableProblem::KeyTwice => 'The same {key} stands in line {line} already.',
            TableProblem::KeyUnknown => 'There is no such {key}.',
            TableProblem::KeyRounded => 'A spreadsheet has rounded this number. Have the column written as text.',
            TableProblem::KeySeveral => 'The product has {count} variants. Name the one by its stock number.',
            TableProblem::Leap => 'The {field} leaps from {before} to {after}, tenfold or more. Mend it, or say that '
                .'prices ten times as high or low are meant so (on the console with --leaps).',
            TableProblem::NameUnknown => 'No {things} is called “{written}”.',
            TableProblem::NameSeveral => 'Several are called “{written}”. Write the whole path, as “{path}”.',
            TableProblem::DayUnclear => '“{written}” can be read as two days. Say whether days are written with the '
                .'day or the month first (on the console with --days=day or --days=month).',
            TableProblem::NotOfTheFact => '“{fact}” does not take this.',
            TableProblem::SaidOtherwise => 'Line {line} says another {field} for this product.',
            TableProblem::TemplateNotLive => '“{name}” is not live, so nothing can be shown with it. Publish it first.',
            TableProblem::TooManyCells => 'The row has {cells} cells, and the file {columns} columns. A separator may '
                .'stand in a cell without quotes.',
        };
    }
}
