<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Search;

/**
 * What a search finds and in which order: the nearer step first; within a step what can be had before what is sold out,
 * then what fits better, then the older number. Where very much is found, such words are everywhere and say nothing:
 * within a step the newest come first, and only of the best what is sold out stands behind.
 *
 * The database has the same order, held against this one on generated shops.
 *
 * @api
 */
final readonly class Ranking
{
    private const SHORTEST_CODE = 3;

    /**
     * @param  list<Wanted>  $wanted  all of it must be there
     * @param  array<string, int>  $weights  of fields
     * @param  int  $weighed  of more than so many it is not looked how well they fit
     * @param  int  $best  of very many, so many are put in order to the end
     */
    public function __construct(
        public Query $query,
        public array $wanted,
        public array $weights,
        public int $weighed = 5_000,
        public int $best = 3_000,
    ) {
    }

    /** What was typed, as a code is written. */
    public function code(): string
    {
        return str_replace(' ', '-', $this->query->folded());
    }

    /** Whether codes that begin with what was typed are found. */
    public function findsBeginningsOfCodes(): bool
    {
        return ($this->weights[SearchField::Codes->value] ?? 0) > 0 && mb_strlen($this->code()) >= self::SHORTEST_CODE;
    }

    /** @return list<string> those of some fields, or of all, that are looked in for words */
    public function fields(SearchField ...$of): array
    {
        return array_values(array_map(
            static fn (SearchField $field): string => $field->value,
            array_filter($of === [] ? SearchField::cases() : $of, fn (SearchField $field): bool =>
                $field !== SearchField::Codes && ($this->weights[$field->value] ?? 0) > 0),
        ));
    }

    /** @return HitStep|null null: it is not found */
    public function step(SearchedProduct $product): ?HitStep
    {
        return match (true) {
            $this->hasCode($product) => HitStep::Code,
            $this->has($product, $this->fields(SearchField::Title), false) => HitStep::WholeTitle,
            $this->has($product, $this->fields(SearchField::Title), true) => HitStep::Title,
            $this->has($product, $this->fields(SearchField::Title, SearchField::Brand), true) => HitStep::Named,
            $this->has($product, $this->fields(), true), $this->beginsCode($product) => HitStep::Anywhere,
            default => null,
        };
    }

    /**
     * @param  list<SearchedProduct>  $products  all of the shop
     * @return list<int> numbers of what is found, the best first
     */
    public function order(array $products): array
    {
        $found = [];
        foreach ($products as $product) {
            $step = $product->isShown ? $this->step($product) : null;
            $found = $step === null ? $found : [...$found, [$step->value, $product]];
        }
        $isMany = count($this->matching($products)) > $this->weighed;
        $found = $isMany ? $this->newest($found) : $this->byFit($found, $products);

        return array_map(static fn (array $one): int => $one[1]->id, $found);
    }

    /**
     * @param  list<array{int, SearchedProduct}>  $found
     * @param  list<SearchedProduct>  $all
     * @return list<array{int, SearchedProduct}>
     */
    private function byFit(array $found, array $all): array
    {
        $fits = $this->fits($all);
        usort($found, static fn (array $one, array $other): int =>
            [$one[0], ! $one[1]->inStock, -$fits[$one[1]->id], $one[1]->id]
                <=> [$other[0], ! $other[1]->inStock, -$fits[$other[1]->id], $other[1]->id]);

        return $found;
    }

    /**
     * @param  list<array{int, SearchedProduct}>  $found
     * @return list<array{int, SearchedProduct}>
     */
    private function newest(array $found): array
    {
        usort($found, static fn (array $one, array $other): int =>
            [$one[0], $other[1]->id] <=> [$other[0], $one[1]->id]);
        $best = array_slice($found, 0, $this->best);
        usort($best, static fn (array $one, array $other): int =>
            [$one[0], ! $one[1]->inStock, $other[1]->id] <=> [$other[0], ! $other[1]->inStock, $one[1]->id]);

        return [...$best, ...array_slice($found, $this->best)];
    }

    /**
     * @param  list<SearchedProduct>  $products
     * @return array<int, float> by number; what has not all that is wanted, but for its code, fits 0
     */
    private function fits(array $products): array
    {
        $fields = $this->fields();
        $matching = $this->matching($products);
        $usual = array_sum(array_map(static fn (SearchedProduct $one): int => $one->length(), $products))
            / max(1, count($products));
        $fits = array_fill_keys(array_map(static fn (SearchedProduct $one): int => $one->id, $products), 0.0);
        foreach ($this->wanted as $wanted) {
            foreach ($wanted->any() as $run) {
                $times = [];
                foreach ($products as $place => $product) {
                    $times[$place] = array_sum(array_map(
                        fn (string $field): int => $this->weights[$field] * $product->times($field, $run, true),
                        $fields,
                    ));
                }
                $rarity = Bm25::rarity(count($products), count(array_filter($times)));
                foreach (array_intersect_key(array_filter($times), $matching) as $place => $often) {
                    $fits[$products[$place]->id] += Bm25::fit($rarity, $often, $products[$place]->length(), $usual);
                }
            }
        }

        return $fits;
    }

    /**
     * @param  list<SearchedProduct>  $products
     * @return array<int, SearchedProduct> those that have all that is wanted in their words, by place
     */
    private function matching(array $products): array
    {
        return array_filter($products, fn (SearchedProduct $one): bool => $this->has($one, $this->fields(), true));
    }

    private function hasCode(SearchedProduct $product): bool
    {
        return in_array($this->code(), array_map(strtolower(...), $product->skus), true)
            || in_array($this->query->folded(), array_diff($product->barcodes, ['']), true);
    }

    private function beginsCode(SearchedProduct $product): bool
    {
        return $this->findsBeginningsOfCodes() && array_filter(
            $product->skus,
            fn (string $sku): bool => str_starts_with(strtolower($sku), $this->code()),
        ) !== [];
    }

    /**
     * Whether all that is wanted stands in some fields.
     *
     * @param  list<string>  $fields
     */
    private function has(SearchedProduct $product, array $fields, bool $beginnings): bool
    {
        foreach ($this->wanted as $wanted) {
            $there = false;
            foreach ($wanted->any() as $run) {
                foreach ($fields as $field) {
                    $there = $there || $product->times($field, $run, $beginnings) > 0;
                }
            }
            if (! $there) {
                return false;
            }
        }

        return $this->wanted !== [];
    }
}
