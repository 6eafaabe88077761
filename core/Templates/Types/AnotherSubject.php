<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * What the blocks in a holder are about, where that is not the page's own subject: the number of one that the owner
 * chose. Null for none.
 *
 * @api
 */
final readonly class AnotherSubject implements NamesThings, SettingType
{
    public function __construct(public SubjectKind $kind = SubjectKind::Product)
    {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return $value === null || (is_int($value) && $value > 0) ? null : SettingProblem::NotANumberOf;
    }

    public function names(mixed $value): array
    {
        return is_int($value) ? [[$this->kind->value, $value]] : [];
    }

    public function describe(): array
    {
        return ['type' => 'numbered', 'things' => $this->kind->value];
    }
}
