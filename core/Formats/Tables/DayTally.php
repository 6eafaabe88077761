<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tables;

/**
 * What the cells of a column tell of how it writes its days, cell by cell.
 *
 * @api
 */
final class DayTally
{
    /** @var array<string, DayForm> */
    private array $told = [];

    private bool $isOpen = false;

    public function add(string $cell): void
    {
        $cell = trim($cell);
        $form = DayForm::told($cell);
        if ($form !== null) {
            $this->told[$form->value] = $form;
        }
        $this->isOpen = $this->isOpen || DayForm::isOpen($cell);
    }

    public function form(): DayForm
    {
        $told = array_values($this->told);

        return match (count($told)) {
            0 => $this->isOpen ? DayForm::Unknown : DayForm::Plain,
            1 => $told[0],
            default => DayForm::Unknown,
        };
    }
}
