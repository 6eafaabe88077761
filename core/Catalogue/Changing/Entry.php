<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Changing;

/**
 * What was saved at once, of one thing or of thousands: it takes effect as a whole and is taken back as a whole.
 *
 * @api
 */
final readonly class Entry
{
    public const FORMAT = 1;

    /** @param  list<Change>  $changes  of each thing at most one, in the order in which they are made */
    public function __construct(public array $changes)
    {
    }

    public function invert(): self
    {
        return new self(
            array_reverse(array_map(static fn (Change $change): Change => $change->invert(), $this->changes)),
        );
    }

    /**
     * In an order in which nothing is named before it is made, or after it is deleted; the inverse is in such an order
     * too.
     */
    public function inOrder(): self
    {
        $made = array_values(array_filter($this->changes, static fn (Change $change): bool => $change->isMade()));
        $deleted = array_values(array_filter($this->changes, static fn (Change $change): bool => $change->isDeleted()));
        $altered = array_values(array_filter($this->changes, static fn (Change $change): bool => ! $change->isMade()
            && ! $change->isDeleted()));

        return new self([
            ...self::namedFirst($made, static fn (Change $change): array => $change->after ?? []),
            ...$altered,
            ...array_reverse(self::namedFirst($deleted, static fn (Change $change): array => $change->before ?? [])),
        ]);
    }

    public function of(Thing $thing, int $id): ?Change
    {
        foreach ($this->changes as $change) {
            if ($change->thing === $thing && $change->id === $id) {
                return $change;
            }
        }

        return null;
    }

    /** @return list<int> the numbers of all things of a kind that it changes */
    public function ids(Thing $thing): array
    {
        return array_values(array_map(
            static fn (Change $change): int => $change->id,
            array_filter($this->changes, static fn (Change $change): bool => $change->thing === $thing),
        ));
    }

    /**
     * @param  list<Change>  $changes
     * @param  callable(Change): array<string, mixed>  $fields
     * @return list<Change>
     */
    private static function namedFirst(array $changes, callable $fields): array
    {
        $waiting = $placed = [];
        foreach ($changes as $change) {
            $waiting[$change->key()] = $change;
        }
        $place = static function (Change $change) use (&$place, &$waiting, &$placed, $fields): void {
            unset($waiting[$change->key()]);
            foreach (ThingFields::named($change->thing, $fields($change)) as $key) {
                isset($waiting[$key]) && $place($waiting[$key]);
            }
            $placed[] = $change;
        };
        foreach ($changes as $change) {
            isset($waiting[$change->key()]) && $place($change);
        }

        return $placed;
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        return array_map(static fn (Change $change): array => $change->toArray(), $this->changes);
    }

    /** @param  array<array-key, mixed>  $stored  as this very class has written it */
    public static function stored(array $stored): self
    {
        return new self(array_values(array_map(Change::stored(...), array_filter($stored, is_array(...)))));
    }
}
