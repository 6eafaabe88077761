<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\App\Work\Saving\InParts;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saved;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\App\Work\Sheets\Sql\FactRows;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Selling\CurrencyChange;
use Vestibra\Core\Selling\MoneySettings;

/**
 * Sets how the shop speaks of money. Another currency keeps the figures of all prices, as far as it has digits for
 * them.
 */
final readonly class MoneyChange
{
    private const AT_ONCE = 500;

    public function __construct(
        private ShopSettings $settings,
        private Saving $saving,
    ) {
    }

    /**
     * @param  int  $takesBack  the piece of the history that is taken back with it, instead of changing prices once
     *     more
     * @return int|Refusal the piece of the history in which prices changed; 0 where none did
     */
    public function make(MoneySettings $wanted, User $user, int $takesBack = 0): int|Refusal
    {
        $done = null;
        DB::beginTransaction();
        try {
            $done = $takesBack > 0 ? $this->back($takesBack, $user) : $this->prices($wanted->currency, $user);
            $done instanceof Refusal || $this->settings->setMoney($wanted);
        } finally {
            is_int($done) ? DB::commit() : DB::rollBack();
        }

        return $done;
    }

    /** @return list<string> the live templates, drafts and collections whose rules ask for a price */
    public static function rules(): array
    {
        $names = [];
        foreach (FactRows::reaches() as $row) {
            if (self::asksForPrice($row->one) || self::asksForPrice($row->other)) {
                $names[] = (string) $row->name;
            }
        }
        sort($names);

        return array_values(array_unique($names));
    }

    private static function asksForPrice(?string $stored): bool
    {
        $reach = $stored === null ? null : json_decode($stored, true);
        foreach (is_array($reach) ? [$reach['show'] ?? [], $reach['keepOff'] ?? []] : [] as $clauses) {
            foreach (is_array($clauses) ? $clauses : [] as $clause) {
                if (is_array($clause) && in_array('price', array_column($clause, 'field'), true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function back(int $entry, User $user): int|Refusal
    {
        $done = $this->saving->takeBack($entry, $user);

        return $done instanceof Refusal ? $done : ($done->id ?? 0);
    }

    private function prices(string $currency, User $user): int|Refusal
    {
        $before = $this->settings->money()->currency;
        $change = new CurrencyChange(ShopSettings::digits($before), ShopSettings::digits($currency));
        if ($before === $currency || ! $change->changesAmounts()) {
            return 0;
        }
        $parts = new InParts($this->saving, $user);
        foreach (Variant::query()->toBase()->orderBy('id')
            ->select(['id', 'price', 'sale_price'])
            ->lazyById(self::AT_ONCE)
            ->chunk(self::AT_ONCE) as $rows) {
            $changes = [];
            foreach ($rows as $row) {
                $price = $change->amount((int) $row->price);
                $sale = $row->sale_price === null ? null : $change->amount((int) $row->sale_price);
                $changes[] = new Change(
                    Thing::Variant,
                    (int) $row->id,
                    ['price' => $row->price, 'salePrice' => $row->sale_price],
                    ['price' => $price, 'salePrice' => $sale !== null && $sale >= $price ? null : $sale],
                );
            }
            $done = $parts->add(new Entry($changes));
            if (! $done instanceof Saved) {
                return $done;
            }
        }

        return $parts->close("The figures of all prices in $currency instead of $before");
    }
}
