<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A rule that says which products are meant, as one by which a collection holds them. Null for all of them.
 *
 * @api
 */
final readonly class Rule implements NamesThings, SettingType
{
    public function problem(mixed $value): ?SettingProblem
    {
        return $value === null || self::read($value) !== null ? null : SettingProblem::NotARule;
    }

    public static function read(mixed $value): ?Reach
    {
        $read = (new ReachReader(RuleFields::standard(), ShopZone::of('UTC'), PageKind::Product))->parse($value);

        return $read instanceof Reach ? $read : null;
    }

    public function names(mixed $value): array
    {
        $named = [];
        $conditions = new Conditions;
        foreach (is_array($value)
            ? [...(array) ($value['show'] ?? []), ...(array) ($value['keepOff'] ?? [])]
            : [] as $clause) {
            array_push($named, ...$conditions->names($clause));
        }

        return $named;
    }

    public function describe(): array
    {
        return ['type' => 'rule'];
    }
}
