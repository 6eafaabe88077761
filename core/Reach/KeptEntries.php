<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use ArrayAccess;
use LogicException;

/**
 * The entries of a clause index as they were packed: each is made again only when a page asks for it.
 *
 * @phpstan-import-type Entry from ClauseIndex
 * @phpstan-import-type Range from ClauseIndex
 *
 * @phpstan-type Packed array{int, string, int|null, array{int, int, int, int}, bool, list<int>, list<Range>,
 *     list<string>, int|null}
 *     template, step, clause, closeness, unruled, tokens needed besides, numbers, checks, number of the guard
 *
 * @implements ArrayAccess<int, Entry>
 *
 * @internal
 */
final class KeptEntries implements ArrayAccess
{
    /** @var array<int, Entry> */
    private array $made = [];

    /** @var array<int, CompiledReach> */
    private array $guards = [];

    /**
     * @param  array<int, Packed>  $packed  by rank
     * @param  list<string>  $packedGuards
     * @param  array<int, Packed>  $changed  by rank, of templates that have changed since
     */
    public function __construct(
        private readonly array $packed,
        private readonly array $packedGuards,
        private readonly array $changed = [],
    ) {
    }

    public function offsetExists(mixed $offset): bool
    {
        return isset($this->packed[$offset]) || isset($this->changed[$offset]);
    }

    /** @return Entry */
    public function offsetGet(mixed $offset): array
    {
        return $this->made[$offset] ??= $this->make($this->changed[$offset] ?? $this->packed[$offset]);
    }

    public function offsetSet(mixed $offset, mixed $value): void
    {
        throw new LogicException('What was packed stays as it is.');
    }

    public function offsetUnset(mixed $offset): void
    {
        throw new LogicException('What was packed stays as it is.');
    }

    /**
     * @param  array<int, Entry>  $entries  by rank
     * @param  int  $before  how many guards there are already
     * @return array{array<int, Packed>, list<string>} the entries and their guards
     */
    public static function pack(array $entries, int $before = 0): array
    {
        $packed = $guards = [];
        foreach ($entries as $rank => [$verdict, $needs, $ranges, $asks, $guarded]) {
            $number = null;
            if ($guarded !== null) {
                $guard = serialize($guarded);
                $number = $guards[$guard] ??= $before + count($guards);
            }
            $packed[$rank] = [
                $verdict->templateId,
                $verdict->step->value,
                $verdict->clause,
                ($verdict->closeness ?? new Closeness)->toArray(),
                $verdict->unruled,
                $needs,
                $ranges,
                array_map(serialize(...), $asks),
                $number,
            ];
        }

        return [$packed, array_keys($guards)];
    }

    /**
     * @param  Packed  $packed
     * @return Entry
     */
    private function make(array $packed): array
    {
        [$template, $step, $clause, $closeness, $unruled, $needs, $ranges, $checks, $guard] = $packed;

        return [
            new Verdict($template, DecidedBy::from($step), $clause, new Closeness(...$closeness), unruled: $unruled),
            $needs,
            $ranges,
            array_map(static fn (string $check): Check => self::check($check), $checks),
            $guard === null ? null : $this->guards[$guard] ??= self::reach($this->packedGuards[$guard]),
        ];
    }

    private static function check(string $packed): Check
    {
        $check = unserialize($packed);

        return $check instanceof Check ? $check : throw new LogicException('A packed check is none.');
    }

    private static function reach(string $packed): CompiledReach
    {
        $reach = unserialize($packed);

        return $reach instanceof CompiledReach ? $reach : throw new LogicException('A packed reach is none.');
    }
}
