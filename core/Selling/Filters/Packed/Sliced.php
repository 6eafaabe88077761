<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

/**
 * A number of each place, kept as one set of places per binary digit, so that all of them are compared with an end at
 * once (O'Neil and Quass, "Improved query performance with variant indexes", SIGMOD 1997: bit-sliced indexes).
 *
 * @api
 */
final readonly class Sliced
{
    /**
     * @param  string  $has  places that have a number
     * @param  int  $least  of the numbers; the digits are of what is above it
     * @param  list<string>  $digits  places whose digit is 1, the lowest digit first
     */
    public function __construct(
        public string $has,
        public int $least,
        public array $digits,
    ) {
    }

    /** @param  non-empty-array<int, int>  $numbers  place => number */
    public static function of(array $numbers, int $length): self
    {
        $least = min($numbers);
        $ones = [];
        foreach ($numbers as $place => $number) {
            for ($above = $number - $least, $digit = 0; $above > 0; $above >>= 1, $digit++) {
                if (($above & 1) === 1) {
                    $ones[$digit][] = $place;
                }
            }
        }
        $digits = [];
        for ($digit = 0; $digit <= ($ones === [] ? -1 : max(array_keys($ones))); $digit++) {
            $digits[] = Bits::of($ones[$digit] ?? [], $length);
        }

        return new self(Bits::of(array_keys($numbers), $length), $least, $digits);
    }

    /** @return string the places whose number lies between both ends, which are included; null where open */
    public function between(?int $least, ?int $most): string
    {
        $within = $most === null ? $this->has : $this->atMost($most);

        return $least === null ? $within : Bits::without($within, $this->atMost($least - 1));
    }

    /** @return array{int, int}|null least and most among some places */
    public function bounds(string $among): ?array
    {
        $lowest = $highest = $this->has & $among;
        if (! Bits::any($lowest)) {
            return null;
        }
        $least = $most = $this->least;
        for ($digit = count($this->digits) - 1; $digit >= 0; $digit--) {
            $zeros = Bits::without($lowest, $this->digits[$digit]);
            $ones = $highest & $this->digits[$digit];
            if (Bits::any($zeros)) {
                $lowest = $zeros;
            } else {
                $least += 1 << $digit;
            }
            if (Bits::any($ones)) {
                $highest = $ones;
                $most += 1 << $digit;
            }
        }

        return [$least, $most];
    }

    private function atMost(int $most): string
    {
        $end = $most - $this->least;
        if ($end < 0) {
            return str_repeat("\0", strlen($this->has));
        }
        if ($end >> count($this->digits) > 0) {
            return $this->has;
        }
        $same = $this->has;
        $below = str_repeat("\0", strlen($this->has));
        for ($digit = count($this->digits) - 1; $digit >= 0; $digit--) {
            if (($end >> $digit & 1) === 1) {
                $below |= Bits::without($same, $this->digits[$digit]);
                $same &= $this->digits[$digit];
            } else {
                $same = Bits::without($same, $this->digits[$digit]);
            }
        }

        return $below | $same;
    }
}
