<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

use LogicException;

/**
 * One thing's fields before and after: altered, made (nothing before) or deleted (nothing after).
 *
 * @api
 */
final readonly class Change
{
    /**
     * @param  array<string, mixed>|null  $before  the fields that change, as they were; null where the thing was not
     *     there
     * @param  array<string, mixed>|null  $after  the same fields; null where the thing is not there any more
     * @param  array<string, mixed>  $alongside  what went with a deleted thing and comes back with it, in the store's
     *     own form
     */
    public function __construct(
        public Thing $thing,
        public int $id,
        public ?array $before,
        public ?array $after,
        public array $alongside = [],
    ) {
        if ($before === null && $after === null) {
            throw new LogicException('A change changes something.');
        }
    }

    public function invert(): self
    {
        return new self($this->thing, $this->id, $this->after, $this->before, $this->alongside);
    }

    /** @param  array<string, mixed>  $alongside */
    public function with(array $alongside): self
    {
        return new self($this->thing, $this->id, $this->before, $this->after, $alongside);
    }

    public function isMade(): bool
    {
        return $this->before === null;
    }

    public function isDeleted(): bool
    {
        return $this->after === null;
    }

    /** @return list<string> the fields that differ */
    public function fields(): array
    {
        if ($this->before === null || $this->after === null) {
            return [];
        }

        return array_values(array_filter(array_keys($this->after), fn (string $name): bool => $this->after[$name] !== (
            $this->before[$name] ?? null
        )));
    }

    public function key(): string
    {
        return self::keyOf($this->thing, $this->id);
    }

    public static function keyOf(Thing $thing, int $id): string
    {
        return "$thing->value/$id";
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['thing' => $this->thing->value, 'id' => $this->id, 'before' => $this->before, 'after' => $this->after]
            + ($this->alongside === [] ? [] : ['alongside' => $this->alongside]);
    }

    /**
     * Of what this very class has written.
     *
     * @param  array<array-key, mixed>  $stored
     */
    public static function stored(array $stored): self
    {
        return new self(
            Thing::from(is_string($stored['thing'] ?? null) ? $stored['thing'] : ''),
            is_int($stored['id'] ?? null) ? $stored['id'] : 0,
            self::fieldsOf($stored['before'] ?? null),
            self::fieldsOf($stored['after'] ?? null),
            self::fieldsOf($stored['alongside'] ?? null) ?? [],
        );
    }

    /** @return array<string, mixed>|null */
    private static function fieldsOf(mixed $stored): ?array
    {
        if (! is_array($stored)) {
            return null;
        }
        $fields = [];
        foreach ($stored as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return $fields;
    }
}
