<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use Closure;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\NoRoom;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Soon;
use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Filters\Sql\FilterRows;
use Vestibra\App\Lists\Filters\Sql\StoredPacks;
use Vestibra\Core\Selling\Filters\Packed\Bits;
use Vestibra\Core\Selling\Filters\Packed\Found;
use Vestibra\Core\Selling\Filters\Packed\Pack;
use Vestibra\Core\Selling\Filters\Packed\Packing;
use Vestibra\Core\Selling\Filters\Packed\Sliced;

/**
 * The products of the shop in packs, kept in the database. Products that changed since theirs was packed are packed by
 * themselves for each question; once they are many, their packs are made anew.
 */
final readonly class FilterPacks
{
    /** The pack of those that changed. */
    public const CHANGED = -1;

    private const SHIFT = 12;

    /** So many are looked at beside the packs, so that a customer never waits for more than a moment. */
    public const MOST_CHANGED = 5_000;

    /** When so many have changed they are packed anew in the background. */
    private const MANY_CHANGED = 50;

    public function __construct(
        private FilterRows $rows,
        private ShopClock $clock,
    ) {
    }

    /** @return int the number of the pack that a product is in */
    public static function packOf(int $product): int
    {
        return $product >> self::SHIFT;
    }

    /** @return Closure(int): int whether a product is in a set, for SQL */
    public static function isLeft(Found $found): Closure
    {
        return static fn (int $product): int => (int) ($found->has($product, self::CHANGED)
            || $found->has($product, self::packOf($product)));
    }

    /**
     * Three queries and those of the rows. Nothing is written but new words: no customer waits for whoever is writing.
     *
     * @param  list<string>  $filters
     * @return array<int, array{Pack, string|null}> number => pack, with those of it that are as they were packed; null
     *     for all
     */
    public function read(array $filters): array
    {
        $changed = $this->changed();
        if (count($changed) > self::MOST_CHANGED) {
            NoRoom::passOver($this->refresh(...));
            $changed = $this->changed();
        }
        if (count($changed) > self::MANY_CHANGED) {
            Soon::ask(new RefreshFilters);
        }
        $beside = $changed === []
            ? null
            : Packing::of($this->rows->of('in ('.implode(',', $changed).')'), FilterRows::isRange(...));
        $packs = Database::atOnce(fn (): array => $this->stored($filters, $changed));

        return $beside === null ? $packs : $packs + [self::CHANGED => [$beside, null]];
    }

    /** Packs anew what changed. */
    public function refresh(): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $packs = array_unique(array_map(self::packOf(...), $this->changed()));
        foreach ($packs as $pack) {
            DB::transaction(fn () => $this->store($pack, $now));
        }
    }

    /** @return list<int> the products that are no longer as they were packed, or whose prices are others by now */
    public function changed(): array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');

        return array_column(StoredPacks::changed($now), 'product_id');
    }

    private function store(int $pack, string $now): void
    {
        [$from, $to] = [$pack << self::SHIFT, ($pack + 1 << self::SHIFT) - 1];
        $packed = Packing::of($this->rows->of("between $from and $to"), FilterRows::isRange(...));
        $bits = array_map(serialize(...), $packed->values);
        foreach ($packed->numbers as $filter => $numbers) {
            $bits[$filter] = serialize([$numbers->has, $numbers->least, $numbers->digits]);
        }
        StoredPacks::replace(
            $pack,
            $now,
            pack('V*', ...$packed->products),
            pack('V*', ...$packed->withVariant),
            $bits,
        );
        StoredPacks::fresh($from, $to);
    }

    /**
     * @param  list<string>  $filters
     * @param  list<int>  $changed
     * @return array<int, array{Pack, string|null}>
     */
    private function stored(array $filters, array $changed): array
    {
        $values = $numbers = [];
        foreach ($filters === [] ? [] : StoredPacks::bits($filters) as $row) {
            $stored = unserialize($row->bits, ['allowed_classes' => false]);
            if (is_array($stored) && FilterRows::isRange($row->filter)) {
                [$has, $least, $digits] = $stored;
                $numbers[$row->pack][$row->filter] = new Sliced($has, $least, $digits);
            } elseif (is_array($stored)) {
                $values[$row->pack][$row->filter] = $stored;
            }
        }
        $by = [];
        foreach ($changed as $product) {
            $by[self::packOf($product)][$product] = true;
        }
        $packs = [];
        foreach (StoredPacks::packs() as $row) {
            $pack = new Pack(
                self::numbers($row->products),
                self::numbers($row->variants),
                $values[$row->pack] ?? [],
                $numbers[$row->pack] ?? [],
            );
            $out = isset($by[$row->pack])
                ? array_keys(
                    array_filter($pack->products, static fn (int $product): bool => isset($by[$row->pack][$product])),
                )
                : [];
            $packs[$row->pack] = [
                $pack,
                $out === [] ? null : Bits::without(Bits::all(count($pack->products)), Bits::of($out, $pack->length)),
            ];
        }

        return $packs;
    }

    /** @return list<int> */
    private static function numbers(string $packed): array
    {
        /** @var array<int, int> $numbers */
        $numbers = $packed === '' ? [] : unpack('V*', $packed);

        return array_values($numbers);
    }
}
