<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Filters;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Reach\LivingNames;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Messages\Messages;

/** What the values of filters are called: one query for all of them. */
final readonly class FilterNames
{
    private const OWN = ['rating', 'stock', 'sale'];

    public function __construct(private Messages $messages)
    {
    }

    /**
     * @param  array<string, list<int>>  $values  filter => values
     * @return array<string, array<int, FilterName>> of those that there are, as the shop defines them; of what was merged into
     *                                            another, the other under its own number
     */
    public function of(array $values): array
    {
        $parts = ["select '' as filter, 0 as asked, 0 as id, '' as name, '' as slug, null as swatch, 0 as place"];
        foreach ($values as $filter => $some) {
            $ids = implode(',', [0, ...$some]);
            [$thing, $number] = [...explode('.', $filter), ''];
            $parts[] = match ($thing) {
                'category', 'brand', 'tag' => self::thing($thing, $ids),
                'option' => self::merged('option-value', 'option_values', $ids, "'$filter'", 'o.label', "''", 'o.swatch', 'o.position', ' and o.option_id = '.(int) $number),
                'fact' => "select '$filter', id, id, written, '', null, 0 from filter_words where fact_id = ".(int) $number." and id in ($ids)",
                default => null,
            };
        }
        $names = $this->own($values);
        foreach (DB::select(implode(' union all ', array_filter($parts))) as $row) {
            if ($row->filter !== '') {
                $names[$row->filter][$row->asked] = new FilterName($row->id, $row->name, $row->slug !== '' ? $row->slug : AddressName::from($row->name), $row->place, $row->swatch);
            }
        }

        return $names;
    }

    private static function thing(string $thing, string $ids): string
    {
        return self::merged($thing, LivingNames::TABLES[$thing], $ids, "'$thing'", 'o.name', 'o.slug', 'null', $thing === 'category' ? 'o.lower' : '0');
    }

    private static function merged(string $thing, string $table, string $ids, string $filter, string $name, string $slug, string $swatch, string $place, string $and = ''): string
    {
        [$merged, $into] = LivingNames::MERGED[$thing];
        $columns = "o.id, $name, $slug, $swatch, $place";

        return "select $filter, o.id, $columns from $table o where o.id in ($ids)$and union all"
            ." select $filter, m.merged_id, $columns from $merged m join $table o on o.id = m.$into where m.merged_id in ($ids)$and";
    }

    /**
     * @param  array<string, list<int>>  $values
     * @return array<string, array<int, FilterName>> of values that are nothing of the catalogue
     */
    private function own(array $values): array
    {
        $names = [];
        foreach ($values as $filter => $some) {
            foreach ($some as $value) {
                $yes = str_starts_with($filter, 'yes.');
                $key = match (true) {
                    $yes && $value === 1 => 'fact.yes',
                    $yes && $value === 2 => 'fact.no',
                    $filter === 'rating' && $value >= 1 && $value <= 4 => 'filter.stars',
                    in_array($filter, self::OWN, true) && $value === 1 => "filter.$filter-on",
                    in_array($filter, self::OWN, true) && $value === 2 => "filter.$filter-off",
                    default => null,
                };
                if ($key !== null) {
                    $label = $this->messages->say($key, ['stars' => $value]);
                    $names[$filter][$value] = new FilterName($value, $label, match (true) {
                        $filter === 'rating' => 'from',
                        $value === 1 => 'yes',
                        default => 'no',
                    }, $filter === 'rating' ? -$value : $value);
                }
            }
        }

        return $names;
    }
}
