<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters\Sql;

use Vestibra\App\Ground\Sql\Database;
use Vestibra\App\Lists\Filters\FilterName;
use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Messages\Messages;

/** What the values of filters are called: one query for all of them. */
final readonly class FilterNames
{
    private const OWN = ['rating', 'stock', 'sale'];

    public function __construct(private Messages $messages)
    {
    }

    /** So many variants with a value are looked at for one that has a picture. */
    private const LOOKED_AT = 200;

    /**
     * @param  array<string, list<int>>  $values  filter => values
     * @param  array<string, true>  $pictured  filters whose values are shown by pictures
     * @return array<string, array<int, FilterName>> of those that there are, as the shop defines them; of what was
     *     merged into another, the other under its own number
     */
    public function of(array $values, array $pictured = []): array
    {
        $parts = [
            "select '' as filter, 0 as asked, 0 as id, '' as name, '' as slug, null as swatch, 0 as place, null as "
                .'picture',
        ];
        foreach ($values as $filter => $some) {
            $ids = implode(',', [0, ...$some]);
            [$thing, $number] = [...explode('.', $filter), ''];
            $parts[] = match ($thing) {
                'category', 'brand', 'tag' => self::thing($thing, $ids, isset($pictured[$filter])),
                'option' => self::merged(
                    'option-value',
                    'option_values',
                    $ids,
                    "'$filter'",
                    'o.label',
                    "''",
                    'o.swatch',
                    'o.position',
                    isset($pictured[$filter]) ? self::ofGoods() : 'null',
                    ' and o.option_id = '.(int) $number,
                ),
                'fact' => "select '$filter', id, id, written, '', null, 0, null from filter_words where fact_id = "
                    .(int) $number
                    ." and id in ($ids)",
                default => null,
            };
        }
        $names = $this->own($values);
        foreach (Database::rows(implode(' union all ', array_filter($parts))) as $row) {
            if ($row->filter !== '') {
                $names[$row->filter][$row->asked] = new FilterName(
                    $row->id,
                    $row->name,
                    $row->slug !== '' ? $row->slug : AddressName::from($row->name),
                    $row->place,
                    $row->swatch,
                    $row->picture,
                );
            }
        }

        return $names;
    }

    /** SQL, the picture of the first variant with a value that has one; else that of its product. */
    private static function ofGoods(): string
    {
        $variants = 'select v.picture_id, v.product_id from variant_values x join variants v on v.id = x.variant_id '
            .'where x.option_value_id = o.id and v.published = 1 order by v.id limit '.self::LOOKED_AT;

        return "coalesce((select c.file from ($variants) s join pictures c on c.id = s.picture_id limit 1),"
            ." (select c.file from ($variants) s join product_pictures pp on pp.product_id = s.product_id join "
            .'pictures c on c.id = pp.picture_id order by pp.position limit 1))';
    }

    private static function thing(string $thing, string $ids, bool $pictured): string
    {
        return self::merged(
            $thing,
            LivingNames::TABLES[$thing],
            $ids,
            "'$thing'",
            'o.name',
            'o.slug',
            'null',
            $thing === 'category' ? 'o.lower' : '0',
            $pictured ? '(select c.file from pictures c where c.id = o.picture_id)' : 'null',
        );
    }

    private static function merged(
        string $thing,
        string $table,
        string $ids,
        string $filter,
        string $name,
        string $slug,
        string $swatch,
        string $place,
        string $picture,
        string $and = '',
    ): string {
        [$merged, $into] = LivingNames::MERGED[$thing];
        $columns = "o.id, $name, $slug, $swatch, $place, $picture";

        return "select $filter, o.id, $columns from $table o where o.id in ($ids)$and union all"
            ." select $filter, m.merged_id, $columns from $merged m join $table o on o.id = m.$into where "
            ."m.merged_id in ($ids)$and";
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
