<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Note;

use Vestibra\Core\Styling\SaysBesides;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;
use Vestibra\Core\Templates\Types\Choice;

/** Where the icon of a note stands. Above its words both begin on one edge. */
final readonly class IconPlace implements SaysBesides, SettingType
{
    private Choice $choice;

    public function __construct()
    {
        $this->choice = new Choice([
            'before' => 'before the words', 'above' => 'above them', 'after' => 'after them',
        ]);
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return $this->choice->problem($value);
    }

    public function describe(): array
    {
        return $this->choice->describe();
    }

    public function css(mixed $value): string
    {
        return $value === 'above' ? 'column' : 'row';
    }

    public function besides(mixed $value): array
    {
        return [
            '--note-across' => $value === 'above' ? 'flex-start' : 'center',
            '--note-icon-order' => $value === 'after' ? '1' : '0',
        ];
    }
}
