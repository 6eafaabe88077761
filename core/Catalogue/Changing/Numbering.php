<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\Problem;

/**
 * Gives new things, which have numbers below zero until they are kept, numbers of their own, wherever an entry names
 * them.
 *
 * @api
 */
final readonly class Numbering
{
    /** @param  array<string, array<int, int>>  $numbers  by thing: the number below zero => its own */
    public function __construct(private array $numbers)
    {
    }

    /** @return array<string, int> by thing: how many new things there are */
    public static function asked(Entry $entry): array
    {
        $asked = [];
        foreach ($entry->changes as $change) {
            if ($change->id < 0) {
                $asked[$change->thing->value] = ($asked[$change->thing->value] ?? 0) + 1;
            }
        }

        return $asked;
    }

    /**
     * @param  array<string, int>  $first  by thing: the first number that is free
     */
    public static function from(Entry $entry, array $first): self
    {
        $numbers = [];
        foreach ($entry->changes as $change) {
            if ($change->id < 0) {
                $thing = $change->thing->value;
                $numbers[$thing][$change->id] = ($first[$thing] ?? 1) + count($numbers[$thing] ?? []);
            }
        }

        return new self($numbers);
    }

    public function apply(Entry $entry): Entry
    {
        return new Entry(array_map(fn (Change $change): Change => new Change(
            $change->thing,
            $this->number($change->thing, $change->id),
            $change->before,
            $change->after === null ? null : $this->fields($change->thing, $change->after),
            $change->alongside,
        ), $entry->changes));
    }

    /** As whoever sent the entry knows the thing: by its number below zero. */
    public function asSent(Problem $problem): Problem
    {
        foreach ($this->toArray() as $sent => $own) {
            $key = strstr($sent, '/', true)."/$own";
            if ($problem->path === $key || str_starts_with($problem->path, "$key/")) {
                return $problem->code->at($sent.substr($problem->path, strlen($key)), $problem->values);
            }
        }

        return $problem;
    }

    /** @return array<string, int> `tag/-1` => its own number */
    public function toArray(): array
    {
        $all = [];
        foreach ($this->numbers as $thing => $numbers) {
            foreach ($numbers as $new => $own) {
                $all["$thing/$new"] = $own;
            }
        }

        return $all;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function fields(Thing $thing, array $fields): array
    {
        foreach ($fields as $name => $value) {
            $field = ThingFields::field($thing, $name);
            if ($field?->names === null) {
                continue;
            }
            if (is_int($value)) {
                $fields[$name] = $this->number($field->names, $value);
            } elseif (is_array($value)) {
                $numbers = array_map(
                    fn (mixed $one): mixed => is_int($one) ? $this->number($field->names, $one) : $one,
                    $value,
                );
                $field->type === FieldType::Several && sort($numbers);
                $fields[$name] = array_values($numbers);
            }
        }

        return $fields;
    }

    private function number(Thing $thing, int $id): int
    {
        return $this->numbers[$thing->value][$id] ?? $id;
    }
}
