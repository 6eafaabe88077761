<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach\Short;

/**
 * A set of pages by their numbers, one bit each.
 *
 * @api
 */
final readonly class PageSet
{
    private const BITS = ["\x01", "\x02", "\x04", "\x08", "\x10", "\x20", "\x40", "\x80"];

    /** @param  string  $bits  page 8 * b + i is bit i of byte b */
    private function __construct(private string $bits)
    {
    }

    /** @param  array<int>  $pages  numbers from 0 on */
    public static function of(array $pages): self
    {
        if ($pages === []) {
            return self::none();
        }
        $bits = str_repeat("\0", (max($pages) >> 3) + 1);
        foreach ($pages as $page) {
            $at = $page >> 3;
            $bits[$at] = $bits[$at] | self::BITS[$page & 7];
        }

        return new self($bits);
    }

    public static function none(): self
    {
        return new self('');
    }

    public function and(self $other): self
    {
        return new self($this->bits & $other->bits);
    }

    public function or(self $other): self
    {
        return new self($this->bits | $other->bits);
    }

    public function without(self $other): self
    {
        $length = strlen($this->bits);

        return new self($this->bits & ~str_pad(substr($other->bits, 0, $length), $length, "\0"));
    }

    public function isEmpty(): bool
    {
        return strspn($this->bits, "\0") === strlen($this->bits);
    }

    public function holds(self $other): bool
    {
        return $other->without($this)->isEmpty();
    }

    public function meets(self $other): bool
    {
        return ! $this->and($other)->isEmpty();
    }

    public function has(int $page): bool
    {
        $byte = $this->bits[$page >> 3] ?? "\0";

        return (ord($byte) >> ($page & 7) & 1) === 1;
    }

    /** @return int|null the page with the least number */
    public function first(): ?int
    {
        $at = strspn($this->bits, "\0");
        if ($at === strlen($this->bits)) {
            return null;
        }
        $byte = ord($this->bits[$at]);
        for ($bit = 0; ($byte >> $bit & 1) === 0; $bit++) {
        }

        return $at * 8 + $bit;
    }

    public function count(): int
    {
        $count = 0;
        foreach (count_chars($this->bits, 1) as $byte => $times) {
            $count += substr_count(decbin($byte), '1') * $times;
        }

        return $count;
    }

    /** @return list<int> */
    public function pages(): array
    {
        $pages = [];
        foreach (str_split($this->bits) as $at => $byte) {
            for ($bit = 0, $value = ord($byte); $value > 0; $bit++, $value >>= 1) {
                ($value & 1) === 1 && $pages[] = $at * 8 + $bit;
            }
        }

        return $pages;
    }
}
