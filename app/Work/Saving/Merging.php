<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Change;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Problem;

/**
 * Makes one thing of two of a kind: what stood in the one stands in the other, rules and old addresses of the one mean
 * the other.
 */
final readonly class Merging
{
    public const THINGS = [
        Thing::Category, Thing::Collection, Thing::Brand, Thing::Tag, Thing::Option, Thing::OptionValue,
    ];

    /** Products that change with it. */
    private const MOST = 10_000;

    public function __construct(
        private StoredThings $things,
        private MergingOptions $options,
    ) {
    }

    /** @return Entry|Problem what merging them changes */
    public function entry(Thing $thing, int $from, int $into): Entry|Problem
    {
        if ($from === $into) {
            return CatalogueProblem::MergeIntoItself->at("$thing->value/$from", ['thing' => $thing->one()]);
        }
        $both = in_array($thing, self::THINGS, true) ? $this->things->read($thing, [$from, $into]) : [];
        if (count($both) < 2) {
            return CatalogueProblem::Gone->at("$thing->value/$from", ['thing' => $thing->one()]);
        }
        $products = self::productsOf($thing, $from);
        $count = count($products) + $this->options->count($thing, $from, $into);
        if ($count > self::MOST) {
            return CatalogueProblem::TooMuchToMerge->at('', ['count' => $count, 'most' => self::MOST]);
        }
        $changed = match ($thing) {
            Thing::Category => $this->category($from, $into),
            Thing::Collection => self::collection($both[$from], $both[$into], $into),
            Thing::Option => ['others' => $this->options->option($from, $into)],
            Thing::OptionValue => $both[$from]['option'] === $both[$into]['option']
                ? ['others' => $this->options->variants([$from => $into])]
                : CatalogueProblem::MergeOtherOption->at("$thing->value/$from"),
            default => [],
        };
        if ($changed instanceof Problem) {
            return $changed;
        }
        $own = ['mergedFrom' => self::mergedFrom($both, $from, $into)] + ($changed['own'] ?? []);

        return new Entry([
            ...$this->products($thing, $products, $from, $into),
            ...$changed['others'] ?? [],
            new Change($thing, $into, array_intersect_key($both[$into], $own), $own),
            new Change($thing, $from, $both[$from], null),
        ]);
    }

    /**
     * @param  array<int, array<string, mixed>>  $both
     * @return list<int> all that the one stands for from now on
     */
    public static function mergedFrom(array $both, int $from, int $into): array
    {
        return self::together(
            self::ids($both[$into]['mergedFrom'] ?? []),
            [$from, ...self::ids($both[$from]['mergedFrom'] ?? [])],
        );
    }

    /** @return list<int> */
    private static function productsOf(Thing $thing, int $id): array
    {
        $found = match ($thing) {
            Thing::Category => Link::in('category_product')->toBase()->where('category_id', $id)->pluck('product_id'),
            Thing::Brand => Product::query()->toBase()->where('brand_id', $id)->pluck('id'),
            Thing::Tag => Link::in('product_tag')->toBase()->where('tag_id', $id)->pluck('product_id'),
            default => collect(),
        };

        return array_values(array_map(intval(...), $found->all()));
    }

    /**
     * @param  list<int>  $products
     * @return list<Change>
     */
    private function products(Thing $thing, array $products, int $from, int $into): array
    {
        $changes = [];
        foreach (array_chunk($products, 500) as $some) {
            foreach ($this->things->read(Thing::Product, $some) as $id => $stands) {
                $after = match ($thing) {
                    Thing::Brand => ['brand' => $into],
                    Thing::Tag => ['tags' => self::replaced(self::ids($stands['tags']), $from, $into)],
                    default => ['categories' => self::replaced(self::ids($stands['categories']), $from, $into)]
                        + ($stands['mainCategory'] === $from ? ['mainCategory' => $into] : []),
                };
                $changes[] = new Change(Thing::Product, $id, array_intersect_key($stands, $after), $after);
            }
        }

        return $changes;
    }

    /** @return array{others: list<Change>}|Problem */
    private function category(int $from, int $into): array|Problem
    {
        for ($above =
            Category::query()->toBase()->where('id', $into)->value('parent_id'); $above !== null; $above =
                Category::query()->toBase()->where('id', $above)->value('parent_id')) {
            if ((int) $above === $from) {
                return CatalogueProblem::MergeBeneath->at("category/$from");
            }
        }
        $place = (int) Category::query()->toBase()->where('parent_id', $into)->max('position');
        $others = [];
        foreach (Category::query()->toBase()->where('parent_id', $from)->orderBy('position')->orderBy('id')->get(
            ['id', 'position'],
        ) as $row) {
            $others[] = new Change(
                Thing::Category,
                (int) $row->id,
                ['parent' => $from, 'position' => (int) $row->position],
                ['parent' => $into, 'position' => ++$place],
            );
        }

        return ['others' => $others];
    }

    /**
     * @param  array<string, mixed>  $from
     * @param  array<string, mixed>  $into
     * @return array{own: array<string, mixed>}|Problem
     */
    private static function collection(array $from, array $into, int $id): array|Problem
    {
        if ($from['rule'] !== null || $into['rule'] !== null) {
            return CatalogueProblem::MergeByRule->at("collection/$id");
        }

        return ['own' => ['products' => array_values(
            array_unique([...self::ids($into['products']), ...self::ids($from['products'])]),
        )]];
    }

    /** @return list<int> */
    public static function ids(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_int(...)));
    }

    /**
     * @param  list<int>  $ids
     * @return list<int>
     */
    public static function replaced(array $ids, int $from, int $into): array
    {
        return self::together(array_values(array_diff($ids, [$from])), [$into]);
    }

    /**
     * @param  list<int>  $one
     * @param  list<int>  $other
     * @return list<int> the smallest first
     */
    private static function together(array $one, array $other): array
    {
        $both = array_unique([...$one, ...$other]);
        sort($both);

        return $both;
    }
}
