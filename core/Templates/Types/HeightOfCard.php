<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\SaysBesides;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * How high a card is at least. Its lines are then its own: what a grid's common lines take follows from their content
 * alone (CSS Grid Layout 2, subgrids do not contribute a size of their own).
 *
 * @api
 */
final readonly class HeightOfCard implements Limited, SaysBesides, SettingType
{
    private Amount $amount;

    public function __construct()
    {
        $this->amount = new Amount(0, 1200);
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return $this->amount->problem($value);
    }

    public function limits(mixed $value): string
    {
        return $this->amount->limits($value);
    }

    public function describe(): array
    {
        return $this->amount->describe();
    }

    public function css(mixed $value): string
    {
        return $this->amount->css($value);
    }

    public function besides(mixed $value): array
    {
        return ['grid-template-rows' => 'none'];
    }
}
