<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Sql;

use LogicException;

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

    /**
     * @return string with the bindings in their places, for where several texts are put together by others
     *
     * @throws LogicException when the text has other places than bindings
     */
    public function inlined(): string
    {
        $parts = explode('?', $this->text);
        if (count($parts) !== count($this->bindings) + 1) {
            throw new LogicException('A text with other places than bindings.');
        }
        $text = array_shift($parts);
        foreach ($this->bindings as $at => $value) {
            $text .= (is_string($value)
                ? Database::pdo()->quote(str_replace("\0", '', $value))
                : (string) (is_bool($value) ? (int) $value : $value)).$parts[$at];
        }

        return $text;
    }

    public function wrap(string $before, string $after): self
    {
        return new self($before.$this->text.$after, $this->bindings);
    }
}
