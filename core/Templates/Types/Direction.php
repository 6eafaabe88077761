<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\SaysBesides;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * How what is held stands. One below another it begins on one edge, unless somebody says where.
 *
 * @api
 */
final readonly class Direction implements SaysBesides, SettingType
{
    private Choice $choice;

    public function __construct()
    {
        $this->choice = new Choice(['row' => 'side by side', 'column' => 'one below another']);
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
        return $this->choice->css($value);
    }

    public function besides(mixed $value): array
    {
        return ['--holder-across' => $value === 'column' ? 'stretch' : 'center'];
    }
}
