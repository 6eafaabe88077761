<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Shop;

use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Problem;

/**
 * The things that a rule names: numbers in the shop, names in a folder.
 *
 * @internal
 */
final readonly class RuleNames
{
    private const NAMED = ['category', 'brand', 'tag', 'collection', 'product', 'option', 'fact'];

    public function __construct(private FolderNames $names)
    {
    }

    /**
     * @param  array<array-key, mixed>  $rule  as it is kept
     * @return array<array-key, mixed>
     */
    public function written(array $rule): array
    {
        return self::mapped($rule, fn (string $what, mixed $id): mixed => is_int($id)
            ? $this->names->nameOf($what, $id) ?? $id
            : $id);
    }

    /**
     * @param  array<array-key, mixed>  $rule  as it stands in a file
     * @return array<array-key, mixed>|Problem
     */
    public function read(array $rule): array|Problem
    {
        $unknown = null;
        $read = self::mapped($rule, function (string $what, mixed $name) use (&$unknown): mixed {
            $id = is_string($name) ? $this->names->idOf($what, $name) : $name;
            if (is_string($name) && $id === null) {
                $unknown ??= FileFormatProblem::UnknownName
                    ->at('', ['name' => mb_substr($name, 0, 80), 'thing' => str_replace('-', ' ', $what)]);
            }

            return $id;
        });

        return $unknown ?? $read;
    }

    /**
     * @param  array<array-key, mixed>  $rule
     * @param  callable(string, mixed): mixed  $map
     * @return array<array-key, mixed>
     */
    private static function mapped(array $rule, callable $map): array
    {
        $condition = static fn (mixed $one): mixed => is_array($one) ? self::condition($one, $map) : $one;
        $clause = static fn (mixed $one): mixed => is_array($one) ? array_map($condition, $one) : $one;
        foreach (['show', 'keepOff'] as $side) {
            if (is_array($rule[$side] ?? null)) {
                $rule[$side] = array_map($clause, $rule[$side]);
            }
        }

        return $rule;
    }

    /**
     * @param  array<array-key, mixed>  $condition
     * @param  callable(string, mixed): mixed  $map
     * @return array<array-key, mixed>
     */
    private static function condition(array $condition, callable $map): array
    {
        $field = is_string($condition['field'] ?? null) ? $condition['field'] : '';
        if (isset($condition['of'])) {
            $condition['of'] = $map($field, $condition['of']);
        } elseif (in_array($field, self::NAMED, true) && is_array($condition['values'] ?? null)) {
            $what = $field === 'option' && ($condition['comparison'] ?? null) === 'offersValue'
                ? 'option-value'
                : $field;
            $condition['values'] = array_map(
                static fn (mixed $value): mixed => $map($what, $value),
                $condition['values'],
            );
        }

        return $condition;
    }
}
