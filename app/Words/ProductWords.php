<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use LogicException;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Settings\ShopSettings;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Reach\Quantity;

/** What a product is like, where a condition on it does not hold: "Its brand is Ostrelve." */
final readonly class ProductWords
{
    public function __construct(
        private Categories $categories,
        private ShopSettings $settings,
        private ShopClock $clock,
    ) {
    }

    public function actual(Product $product, Condition $condition): string
    {
        $features = Features::product($product, $this->categories->tree(), $this->clock->now());

        return match ($condition->field) {
            'category' => self::list(
                'It is filed in',
                array_map(
                    fn (int $id): string => $this->categories->tree()->category($id)->name ?? '',
                    $product->categoryIds,
                ),
                'It is filed in no category.',
            ),
            'brand' => $product->brand === null ? 'It has no brand.' : "Its brand is {$product->brand->name}.",
            'tag' => self::list('Its tags are', array_values($product->tags), 'It has no tags.'),
            'collection' => 'It is not in that collection.',
            'product' => 'It is another product.',
            'price' => ($price = $features->number(Quantity::Price)) === null
                ? 'It has no price.'
                : "Its lowest price is {$this->settings->format()->format($price)}.",
            'sale' => $features->number(Quantity::Sale) > 0 ? 'It is on sale.' : 'It is not on sale.',
            'stock' => match (true) {
                ($stock = $features->number(Quantity::Stock)) === null => 'Its stock is not counted.',
                $stock === 0 => 'It is sold out.',
                default => "$stock are in stock.",
            },
            'option' => self::list('It comes as', self::choices($product), 'It has no options.'),
            'fact' => $this->fact($product, (int) $condition->of),
            'rating' => $product->reviewCount === 0
                ? 'It has no reviews.'
                : 'Its rating is '.number_format($product->starSum / $product->reviewCount, 2).'.',
            'reviews' => 'It has '.Counted::of($product->reviewCount, 'review').'.',
            'added' => $product->addedAt === null ? 'It was not published yet.' : 'It was added on '.str_replace(
                'T',
                ' ',
                substr($this->clock->zone->wall($product->addedAt), 0, 10),
            ).'.',
            'title' => "Its title is “{$product->title}”.",
            'picture' => 'It has '.Counted::of($features->number(Quantity::Pictures) ?? 0, 'picture').'.',
            'variants' => 'It has '.Counted::of($features->number(Quantity::Variants) ?? 0, 'variant').'.',
            'description' => $features->number(Quantity::Described) === 1
                ? 'It has a description.'
                : 'It has no description.',
            default => throw new LogicException("app/Words/ProductWords.php has no words for $condition->field."),
        };
    }

    private function fact(Product $product, int $id): string
    {
        foreach ($product->facts as $value) {
            if ($value->fact->id === $id) {
                return "Its {$value->fact->name} is ".implode(', ', array_map(strip_tags(...), $value->shown)).(
                    $value->fact->unit === '' ? '' : ' '.$value->fact->unit
                ).'.';
            }
        }

        return 'It is not filled in.';
    }

    /** @return list<string> */
    private static function choices(Product $product): array
    {
        $choices = [];
        foreach (array_slice($product->variants, 0, 6) as $variant) {
            $choices[] = implode(' ', self::labels($product, $variant));
        }

        return array_values(array_filter($choices));
    }

    /** @return list<string> */
    private static function labels(Product $product, Variant $variant): array
    {
        $labels = [];
        foreach ($product->options as $option) {
            $labels[] = $option->value($variant->values[$option->id] ?? 0)->label ?? '';
        }

        return array_values(array_filter($labels));
    }

    /** @param  list<string>  $names */
    private static function list(string $words, array $names, string $none): string
    {
        return $names === [] ? $none : "$words ".implode(', ', $names).'.';
    }
}
