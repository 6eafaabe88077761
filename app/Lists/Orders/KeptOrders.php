<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Orders;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Soon;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Orders\Sql\OrderRows;

/**
 * Orders of long lists, kept between requests. Triggers say which products have changed since, and each row says until
 * when its prices stand: those are looked at by themselves; once they are many they are kept anew.
 */
final readonly class KeptOrders
{
    /** So many are looked at beside what is kept. */
    private const MOST_STALE = 500;

    /** @param  int<1, max>  $atOnce  so many are kept anew before somebody else may write */
    public function __construct(
        private ShopClock $clock,
        private int $atOnce = 5_000,
    ) {
    }

    /**
     * @param  string  $held  SQL, which products called `p` the list holds; of `p` it knows the number alone
     * @return list<int>|null null: not to be had
     */
    public function page(KeptOrder $order, string $held, int $most, int $from): ?array
    {
        if ($this->clock->isMoved()) {
            return null;
        }
        [$stale, $page] = Database::atOnce(function () use ($order, $held, $most, $from): array {
            $now = $this->clock->now();
            $stale = self::isReady($now) ? OrderRows::stale($now) : null;

            return [$stale, $stale === null || count($stale) > self::MOST_STALE
                ? null
                : array_column(OrderRows::page($order, $held, $stale, $now, $most, $from), 'id')];
        });
        $stale === [] || Soon::ask(new RefreshOrders);

        return $page;
    }

    /** Keeps what has changed since; without anything kept, all. */
    public function bringUp(): void
    {
        $now = $this->clock->now();
        self::isReady($now) || $this->rebuild();
        foreach (array_chunk(OrderRows::stale($now), $this->atOnce) as $some) {
            DB::transaction(static fn () => OrderRows::keep('in ('.implode(',', $some).')', $now));
        }
        DB::transaction(static fn () => OrderRows::keepAt($now));
    }

    /** All, in parts: nobody has to wait who wants to write. */
    public function rebuild(): void
    {
        $now = $this->clock->now();
        for ($from = 0; $from <= OrderRows::last(); $from += $this->atOnce) {
            $to = $from + $this->atOnce - 1;
            DB::transaction(static fn () => OrderRows::keep("between $from and $to", $now));
        }
        DB::transaction(static fn () => OrderRows::keepAt($now));
    }

    /** @return int how many products are kept otherwise than asking them anew gives */
    public function wrong(): int
    {
        $this->bringUp();

        return count(OrderRows::wrong($this->clock->now()));
    }

    private static function isReady(DateTimeImmutable $now): bool
    {
        $at = OrderRows::at();

        return $at !== null && $at <= $now->format('Y-m-d H:i:s');
    }
}
