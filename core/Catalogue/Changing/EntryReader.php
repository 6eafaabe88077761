<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use Vestibra\Core\Problem;

/**
 * Reads an entry from untrusted JSON (already decoded): `[{thing, id, before, after}]`. New things have numbers below
 * zero, by which other changes of the same entry may name them.
 *
 * @api
 */
final readonly class EntryReader
{
    public const MOST_CHANGES = 20_000;

    public function __construct(private FieldReader $fields)
    {
    }

    /** @return Entry|non-empty-list<Problem> paths are `product/12/title` */
    public function read(mixed $input): Entry|array
    {
        if (! is_array($input) || ! array_is_list($input) || $input === []) {
            return [CatalogueProblem::NotAnEntry->at()];
        }
        if (count($input) > self::MOST_CHANGES) {
            return [CatalogueProblem::TooMany->at('', ['field' => 'changes', 'most' => self::MOST_CHANGES])];
        }
        $changes = $problems = [];
        foreach ($input as $index => $one) {
            $change = $this->change($one, (string) $index, $problems);
            if ($change !== null && isset($changes[$change->key()])) {
                $problems[] = CatalogueProblem::Twice->at($change->key());
            } elseif ($change !== null) {
                $changes[$change->key()] = $change;
            }
        }

        return $problems === [] ? new Entry(array_values($changes)) : $problems;
    }

    /** @param  list<Problem>  $problems */
    private function change(mixed $input, string $path, array &$problems): ?Change
    {
        $thing = is_array($input) && is_string($input['thing'] ?? null) ? Thing::tryFrom($input['thing']) : null;
        $id = is_array($input) ? $input['id'] ?? null : null;
        $before = is_array($input) ? $input['before'] ?? null : null;
        $after = is_array($input) ? $input['after'] ?? null : null;
        if ($thing === null || ($thing === Thing::Picture && ($before === null || $after === null))) {
            $problems[] = CatalogueProblem::UnknownThing->at($path);

            return null;
        }
        if (! is_int($id)
            || $id === 0
            || ($id < 0) !== ($before === null)
            || ($before !== null && ! is_array($before))
            || ($after !== null && ! is_array($after))
            || ($before === null && $after === null)) {
            $problems[] = CatalogueProblem::NotAnEntry->at($path);

            return null;
        }
        $key = Change::keyOf($thing, $id);
        $was = $before === null ? null : array_intersect_key(self::named($before), ThingFields::of($thing));
        $is = $after === null ? null : $this->values($thing, self::named($after), $key, $problems);
        if ($was === null && $is !== null) {
            $is = $this->complete($thing, $is, $key, $problems);
        } elseif ($was !== null && $is !== null) {
            foreach (array_diff(array_keys($is), array_keys($was)) as $name) {
                $problems[] = CatalogueProblem::NotAnEntry->at("$key/$name");
            }
            $was = array_intersect_key($was, $is);
        }

        return new Change($thing, $id, $was, $is);
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array<string, mixed>
     */
    private static function named(array $input): array
    {
        $named = [];
        foreach ($input as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  list<Problem>  $problems
     * @return array<string, mixed>
     */
    private function values(Thing $thing, array $input, string $key, array &$problems): array
    {
        $values = [];
        foreach ($input as $name => $written) {
            $field = ThingFields::of($thing)[$name] ?? null;
            if ($field === null) {
                $problems[] = CatalogueProblem::UnknownField
                    ->at("$key/".mb_substr($name, 0, 40), ['field' => mb_substr($name, 0, 40)]);

                continue;
            }
            $value = $this->fields->read($field, $written);
            if ($value instanceof Problem) {
                $problems[] = $value->code->at("$key/$value->path", $value->values);
            } else {
                $values[$name] = $value;
            }
        }

        return $values;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<Problem>  $problems
     * @return array<string, mixed>
     */
    private function complete(Thing $thing, array $values, string $key, array &$problems): array
    {
        $whole = [];
        foreach (ThingFields::of($thing) as $name => $field) {
            $whole[$name] = array_key_exists($name, $values) ? $values[$name] : $field->empty();
            $said =
                array_filter($problems, static fn (Problem $problem): bool => $problem->path === "$key/$name") !== [];
            if ($field->required && $field->isEmpty($whole[$name]) && ! $said) {
                $problems[] = CatalogueProblem::Missing->at("$key/$name", ['field' => $field->words]);
            }
        }

        return $whole;
    }
}
