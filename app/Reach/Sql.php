<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

/** A piece of SQL with its bindings. */
final readonly class Sql
{
    /** @param  list<scalar>  $bindings */
    public function __construct(
        public string $text,
        public array $bindings = [],
    ) {
    }

    /** @param  list<self>  $parts */
    public static function join(string $glue, array $parts): self
    {
        return new self(
            implode($glue, array_map(static fn (self $part): string => $part->text, $parts)),
            array_merge(...array_map(static fn (self $part): array => $part->bindings, $parts)),
        );
    }

    /**
     * @param  list<scalar>  $values
     * @return string a place for each of them
     */
    public static function places(array $values): string
    {
        return implode(',', array_fill(0, count($values), '?'));
    }

    public function wrap(string $before, string $after): self
    {
        return new self($before.$this->text.$after, $this->bindings);
    }
}
