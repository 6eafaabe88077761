<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling\Filters\Packed;

/**
 * Some products of the shop with all that filters look at, as sets of bits. The products stand in the order of how many
 * variants they have, most first, so that those with a second, third … variant are the first so many. What variants
 * have is one string: the first variants of all products, then the second ones, and so on, each from a byte of its own
 * on.
 *
 * @api
 */
final readonly class Pack
{
    /** @var list<array{int, int}> from which byte on, and how many bytes, the first, second, … variants take */
    private array $rows;

    /** How many bytes a set of products takes. */
    public int $length;

    /** How many bytes a set of variants takes. */
    public int $variantLength;

    /**
     * @param  list<int>  $products
     * @param  list<int>  $withVariant  how many products have a first, a second, a third variant …
     * @param  array<string, array<int, string>>  $values  filter => value => those that have it
     * @param  array<string, Sliced>  $numbers  range => the numbers
     */
    public function __construct(
        public array $products,
        public array $withVariant,
        public array $values,
        public array $numbers,
    ) {
        $this->length = count($products) + 7 >> 3;
        $rows = [];
        $at = 0;
        // A product without variants still has its place in the first row.
        foreach ($withVariant === []
            ? [count($products)]
            : [count($products), ...array_slice($withVariant, 1)] as $many) {
            $rows[] = [$at, $many + 7 >> 3];
            $at += $many + 7 >> 3;
        }
        $this->rows = $rows;
        $this->variantLength = $at;
    }

    /**
     * @param  array<string, array<int, string>>  $values  filter => value => those that have it, in the place of what
     *     the filter had
     */
    public function with(array $values): self
    {
        return new self($this->products, $this->withVariant, $values + $this->values, $this->numbers);
    }

    /** @return string all variants of some products */
    public function spread(string $products): string
    {
        $variants = '';
        foreach ($this->rows as [, $length]) {
            $variants .= substr($products, 0, $length);
        }

        return $variants;
    }

    /** @return string the products of which one of these variants is */
    public function gathered(string $variants): string
    {
        $products = substr($variants, 0, $this->length);
        foreach ($this->rows as [$at, $length]) {
            if ($at > 0) {
                $products |= substr($variants, $at, $length);
            }
        }

        return $products;
    }

    /** @return int the place of a product's first, second, … variant among all of them */
    public function variant(int $product, int $number): int
    {
        return ($this->rows[$number][0] << 3) + $product;
    }

    /** @return array<int, int> product => its place */
    public function places(): array
    {
        return array_flip($this->products);
    }
}
