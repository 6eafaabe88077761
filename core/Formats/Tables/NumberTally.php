<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * What the cells of a column tell of how it writes its numbers, cell by cell.
 *
 * @api
 */
final class NumberTally
{
    /** @var array<string, NumberForm> */
    private array $told = [];

    private bool $isOpen = false;

    public function add(string $cell): void
    {
        $bare = (string) preg_replace('/[^\d.,]/', '', $cell);
        $form = NumberForm::told($bare);
        if ($form !== null) {
            $this->told[$form->value] = $form;
        }
        $this->isOpen = $this->isOpen || ($form === null && preg_match('/[.,]/', $bare) === 1);
    }

    public function form(): NumberForm
    {
        $told = array_values($this->told);

        return match (count($told)) {
            0 => $this->isOpen ? NumberForm::Unknown : NumberForm::Plain,
            1 => $told[0],
            default => NumberForm::Unknown,
        };
    }
}
