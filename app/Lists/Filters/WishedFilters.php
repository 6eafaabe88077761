<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Filters;

use Vestibra\App\Records\Models\Catalogue\Fact;
use Vestibra\App\Records\Models\Catalogue\Option;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Selling\Filters\AddressedFilter;
use Vestibra\Core\Selling\Filters\Filter;
use Vestibra\Core\Selling\MoneyFormat;

/** The filters that blocks ask for, as far as the shop has what they are about: two queries. */
final readonly class WishedFilters
{
    private const PRODUCTS = ['category', 'brand', 'tag', 'rating', 'words'];

    private const VARIANTS = ['stock', 'sale'];

    /**
     * @param  array<string, AddressedFilter>  $addressed  by key; their labels not known yet
     * @param  array<string, string>  $names  by key, as customers read them
     * @param  array<string, string>  $units  of ranges of facts
     * @param  array<string, true>  $dates  ranges that are days
     * @param  array<string, true>  $pictured  those whose values are shown by pictures
     */
    private function __construct(
        public array $addressed,
        public array $names,
        public array $units,
        public array $dates,
        public array $pictured,
    ) {
    }

    /** @param  list<FilterWish>  $wishes */
    public static function of(array $wishes, Messages $messages, MoneyFormat $money): self
    {
        $options = array_column(
            Option::query()->toBase()
                ->whereIntegerInRaw('id', self::asked($wishes, 'option'))
                ->get(['id', 'name'])
                ->all(),
            null,
            'id',
        );
        $facts = array_column(
            Fact::query()->toBase()->whereIntegerInRaw('id', self::asked($wishes, 'fact'))
                ->get(['id', 'name', 'kind', 'unit', 'decimals'])->all(),
            null,
            'id',
        );
        $addressed = $names = $units = $dates = $pictured = [];
        foreach ($wishes as $wish) {
            $one = null;
            $name = '';
            if ($wish->by === 'option' && isset($options[$wish->number])) {
                $name = (string) $options[$wish->number]->name;
                $one = new AddressedFilter(
                    Filter::ofVariants("option.$wish->number")->inStock($wish->onlyInStock),
                    AddressName::from($name),
                    "o$wish->number",
                    null,
                );
            } elseif ($wish->by === 'fact' && isset($facts[$wish->number])) {
                $fact = $facts[$wish->number];
                $name = (string) $fact->name;
                $one = self::ofFact($wish->number, FactKind::from($fact->kind), $name, (int) $fact->decimals);
                $units[$one?->filter->key] = (string) $fact->unit;
                $dates += $fact->kind === FactKind::Date->value ? [(string) $one?->filter->key => true] : [];
            } elseif ($wish->by === 'price') {
                $one = new AddressedFilter(
                    Filter::rangeOfVariants('price')->inStock($wish->onlyInStock),
                    'price',
                    decimals: $money->digits(),
                );
            } elseif (in_array($wish->by, [...self::PRODUCTS, ...self::VARIANTS], true)) {
                $one = new AddressedFilter(
                    in_array($wish->by, self::VARIANTS, true)
                        ? Filter::ofVariants($wish->by)
                        : Filter::ofProducts($wish->by),
                    $wish->by,
                    labels: null,
                );
            }
            if ($one !== null) {
                $addressed[$one->filter->key] ??= $one;
                $pictured += $wish->pictured ? [$one->filter->key => true] : [];
                $names[$one->filter->key] = $name === '' ? $messages->say("filter.$wish->by") : $name;
            }
        }

        return new self($addressed, $names, $units, $dates, $pictured);
    }

    /** @return AddressedFilter|null null of facts that are no filter, such as files */
    private static function ofFact(int $id, FactKind $kind, string $name, int $decimals): ?AddressedFilter
    {
        return match ($kind) {
            FactKind::Choice, FactKind::Several,
            FactKind::Text =>
                new AddressedFilter(Filter::ofProducts("fact.$id"), AddressName::from($name), "f$id", null),
            FactKind::YesNo =>
                new AddressedFilter(Filter::ofProducts("yes.$id"), AddressName::from($name), "f$id", null),
            FactKind::Number,
            FactKind::Date => new AddressedFilter(
                Filter::rangeOfProducts("number.$id"),
                AddressName::from($name),
                "f$id",
                decimals: $decimals,
            ),
            default => null,
        };
    }

    /**
     * @param  list<FilterWish>  $wishes
     * @return list<int> the numbers of those that narrow by something
     */
    private static function asked(array $wishes, string $by): array
    {
        return array_values(array_map(
            static fn (FilterWish $wish): int => $wish->number,
            array_filter($wishes, static fn (FilterWish $wish): bool => $wish->by === $by),
        ));
    }
}
