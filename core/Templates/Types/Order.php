<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * In which order what stands in a band does where it is one sequence: ids, each once. What is not in the band any more
 * counts for nothing.
 *
 * @api
 */
final readonly class Order implements SettingType
{
    public const MOST = 500;

    /**
     * @param  string  $inside  where the band's columns stand, within the band
     * @param  string  $insideColumn  where a column's blocks stand, within the column
     */
    public function __construct(
        public string $inside,
        public string $insideColumn,
    ) {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) > self::MOST) {
            return SettingProblem::NotAnOrder;
        }
        $seen = [];
        foreach ($value as $id) {
            if (! is_string($id) || preg_match('/^[a-z0-9]{1,24}$/D', $id) !== 1 || isset($seen[$id])) {
                return SettingProblem::NotAnOrder;
            }
            $seen[$id] = true;
        }

        return null;
    }

    /** @return list<string> */
    public static function read(mixed $value): array
    {
        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    public function describe(): array
    {
        return ['type' => 'order', 'max' => self::MOST];
    }
}
