<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * A price that becomes ten times as high or as low, or more: as a slipped point or a forgotten digit makes it.
 *
 * @api
 */
final readonly class Leap
{
    private const TIMES = 10;

    public function __construct(
        public Change $change,
        public ThingField $field,
        public int $before,
        public int $after,
    ) {
    }

    /** @return list<self> */
    public static function in(Change ...$changes): array
    {
        $leaps = [];
        foreach ($changes as $change) {
            foreach (ThingFields::of($change->thing) as $field) {
                $before = $change->before[$field->name] ?? null;
                $after = $change->after[$field->name] ?? null;
                if ($field->type === FieldType::Money && is_int($before) && is_int($after) && self::isOne(
                    $before,
                    $after,
                )) {
                    $leaps[] = new self($change, $field, $before, $after);
                }
            }
        }

        return $leaps;
    }

    private static function isOne(int $before, int $after): bool
    {
        return min($before, $after) > 0 && max($before, $after) >= self::TIMES * min($before, $after);
    }
}
