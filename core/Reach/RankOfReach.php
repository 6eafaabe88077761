<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Where one way in which a template takes a page stands among all of them: those that go first, then the closest, then
 * the earlier in hand order, then the earlier clause. The one total order; whoever comes first in it wins.
 *
 * @api
 */
final readonly class RankOfReach
{
    /** @var list<int> to be compared number by number, the smaller first */
    public array $key;

    /** @param  int  $hand  the template's place in hand order */
    public function __construct(bool $goesFirst, Closeness $closeness, int $hand, int $clause)
    {
        $this->key = self::key($goesFirst, $closeness->toArray(), $hand, $clause);
    }

    /**
     * @param  array{int, int, int, int}  $closeness  as `Closeness::toArray()`
     * @return list<int>
     */
    public static function key(bool $goesFirst, array $closeness, int $hand, int $clause): array
    {
        [$named, $grouped, $depth, $narrowed] = $closeness;

        return [$goesFirst ? 0 : 1, -$named, -$grouped, -$depth, -$narrowed, $hand, $clause];
    }

    public function compare(self $other): int
    {
        return $this->key <=> $other->key;
    }

    /**
     * In one number what of it does not look at the other templates: whether it goes first, and how close it is. The
     * smaller wins; among equals the earlier in hand order.
     */
    public function number(): int
    {
        [$second, $named, $grouped, $depth, $narrowed] = $this->key;
        $number = $second;
        foreach ([[$named, 2], [$grouped, 4_096], [$depth, 1 << 20], [$narrowed, 4_096]] as [$count, $room]) {
            $number = $number * $room + $room - 1 - min($room - 1, -$count);
        }

        return $number + 1;
    }
}
