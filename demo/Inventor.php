<?php

declare(strict_types=1);

namespace Vestibra\Demo;

/**
 * Invents products whose titles differ, with options, brands, tags, facts, prices and stock as they are spread in
 * shops: few of most, many of few, some missing.
 *
 * @phpstan-type Fact array{id: int, kind: string, decimals: int, choices: list<string>}
 */
final readonly class Inventor
{
    private const MOST_VARIANTS = 30;

    private const LISTS = ['Fountain pens', 'Pencils', 'Glass pens', 'Broad nibs', 'Thin paper'];

    /**
     * @param  list<int>  $brands
     * @param  non-empty-list<int>  $categories
     * @param  list<int>  $tags
     * @param  list<Fact>  $facts
     * @param  list<array{id: int, values: list<int>}>  $options
     * @param  list<int>  $pictures
     */
    public function __construct(
        private int $seed,
        private array $brands,
        private array $categories,
        private array $tags,
        private array $facts,
        private array $options,
        private array $pictures,
    ) {
    }

    public function product(int $number): Invention
    {
        $draw = new Draw($this->seed, $number);
        [$title, $material] = $this->title($number, $draw);
        $reviews = $draw->happens(0.45) ? 0 : (int) exp($draw->share() * 6);

        return new Invention(
            $title,
            $draw->happens(0.1) ? '' : '<p>'.ucfirst($material).'. '.$draw->one(Vocabulary::PRAISE).'</p>',
            $draw->happens(0.15) ? '' : '<p>'.implode(' ', $draw->some(3, Vocabulary::PRAISE)).'</p>',
            $draw->happens(0.97),
            $this->brands === [] || $draw->happens(0.05) ? null : $this->brands[$draw->skewed(count($this->brands))],
            $this->categories($draw),
            $draw->some($draw->skewed(5), $this->tags),
            $this->facts($draw, $material),
            $draw->happens(0.04) ? [] : $draw->some(1 + $draw->skewed(3), $this->pictures),
            $this->variants($draw),
            $reviews,
            (int) round($reviews * max(1.0, min(5.0, 4.1 + 0.5 * $draw->normal()))),
            $draw->skewed(1500),
        );
    }

    /**
     * @return array{string, string} two to five words, of which no two products have the same name and thing; the
     *     material
     */
    private function title(int $number, Draw $draw): array
    {
        $names = Vocabulary::names();
        $thing = Vocabulary::THINGS[($number * 7 + intdiv($number, $names)) % count(Vocabulary::THINGS)];
        $name = Vocabulary::name($number * 3_571 % $names);
        [$colour, $material, $kind] =
            [$draw->one(Vocabulary::COLOURS), $draw->one(Vocabulary::MATERIALS), $draw->one(Vocabulary::KINDS)];
        $title = match ($draw->skewed(4)) {
            0 => "$name $colour $thing",
            1 => "$name $thing",
            2 => "$name $colour $material $thing",
            default => "$name $colour $material $thing $kind",
        };

        return [$title, $material];
    }

    /** @return list<int> */
    private function categories(Draw $draw): array
    {
        $main = $this->categories[$draw->skewed(count($this->categories))];
        $also = $draw->happens(0.2) ? $draw->one($this->categories) : $main;

        return $also === $main ? [$main] : [$main, $also];
    }

    /** @return list<array{fact: int, position: int, written: string, folded: string, number: int|null}> */
    private function facts(Draw $draw, string $material): array
    {
        $found = [];
        foreach ($this->facts as $fact) {
            if ($draw->happens(0.35)) {
                continue;
            }
            $several = match ($fact['kind']) {
                'number' => [self::number(max(1, (int) round(20 + 8 * $draw->normal())), $fact['decimals'])],
                'date' => [self::date(2008 + $draw->below(18), 1 + $draw->below(12), 1 + $draw->below(28))],
                'yes-no' => [[$draw->happens(0.3) ? 'yes' : 'no', null]],
                'choice' => $fact['choices'] === [] ? [] : [[$draw->one($fact['choices']), null]],
                'text' => [[ucfirst($material), null]],
                'list' => array_map(
                    static fn (string $one): array => [$one, null],
                    $draw->some(1 + $draw->below(2), self::LISTS),
                ),
                default => [],
            };
            foreach ($several as $position => [$written, $value]) {
                $found[] = [
                    'fact' => $fact['id'],
                    'position' => $position,
                    'written' => $written,
                    'folded' => $value === null ? mb_strtolower($written) : '',
                    'number' => $value,
                ];
            }
        }

        return $found;
    }

    /** @return array{string, int} as written, and in the smallest part of its unit */
    private static function number(int $value, int $decimals): array
    {
        return [rtrim(rtrim(number_format($value / 10 ** $decimals, $decimals, '.', ''), '0'), '.') ?: '0', $value];
    }

    /** @return array{string, int} */
    private static function date(int $year, int $month, int $day): array
    {
        return [sprintf('%04d-%02d-%02d', $year, $month, $day), $year * 10_000 + $month * 100 + $day];
    }

    /**
     * @return non-empty-list<array{price: int, sale: int|null, stock: int|null, published: bool, values: array<int,
     *     int>}>
     */
    private function variants(Draw $draw): array
    {
        $price = max(150, (int) round(exp(7.1 + 0.8 * $draw->normal()) / 50) * 50) - ($draw->happens(0.3) ? 5 : 0);
        $onSale = $draw->happens(0.12);
        $counted = $draw->happens(0.8);
        $variants = [];
        foreach ($this->combinations($draw) as $at => $values) {
            if ($at > 0 && $draw->happens(0.12)) {
                continue;
            }
            $own = $price + ($draw->happens(0.3) ? $draw->below(6) * 100 : 0);
            $variants[] = [
                'price' => $own,
                'sale' => $onSale && $draw->happens(0.8) ? (int) ($own * (0.6 + 0.3 * $draw->share())) : null,
                'stock' => $counted ? ($draw->happens(0.15) ? 0 : (int) exp($draw->share() * 5)) : null,
                'published' => $at === 0 || $draw->happens(0.96),
                'values' => $values,
            ];
        }

        return $variants === []
            ? [['price' => $price, 'sale' => null, 'stock' => null, 'published' => true, 'values' => []]]
            : $variants;
    }

    /** @return non-empty-list<array<int, int>> of none, one or two options */
    private function combinations(Draw $draw): array
    {
        $wanted = $draw->happens(0.4) ? 0 : ($draw->happens(0.65) ? 1 : 2);
        $combinations = [[]];
        foreach ($draw->some($wanted, $this->options) as $option) {
            $values = array_slice($option['values'], 0, 2 + $draw->below(count($option['values']) - 1));
            $more = [];
            foreach ($combinations as $combination) {
                foreach ($values as $value) {
                    $more[] = $combination + [$option['id'] => $value];
                }
            }
            $combinations = $more === [] ? $combinations : $more;
        }

        return array_slice($combinations, 0, self::MOST_VARIANTS, true);
    }
}
