<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use DateTimeImmutable;
use LogicException;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Catalogue\CategoryTree;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Catalogue\PriceChanges;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/**
 * The page a verdict is asked for at an instant, as far as rules look at it.
 *
 * @api
 */
final readonly class Features
{
    /**
     * @param  array<int, list<int>>  $sets  aspect => ids; an aspect that the page cannot have is not there
     * @param  array<int, true>  $tokens  the same as tokens
     * @param  array<string, int>  $numbers  by quantity
     * @param  list<string>  $words  of the title or the query, folded
     * @param  list<array<int, int>>  $variants  option id => value id of each
     * @param  array<int, list<int|string>>  $facts  by fact id, as they are compared
     * @param  int|null  $priceChanges  the next instant at which a sale begins or ends, in seconds of Unix time
     */
    private function __construct(
        public PageKind $kind,
        public int $id,
        public int $at,
        private array $sets,
        public array $tokens,
        public array $numbers,
        public array $words,
        public array $variants,
        public array $facts,
        public ?int $priceChanges,
    ) {
    }

    public static function product(Product $product, CategoryTree $tree, DateTimeImmutable $at): self
    {
        $facts = [];
        foreach ($product->facts as $value) {
            $facts[$value->fact->id] = $value->values;
        }
        $variantPictures = array_filter(
            array_map(static fn (Variant $variant): ?int => $variant->pictureId, $product->variants),
        );
        $pictures = [...array_map(static fn ($picture): int => $picture->id, $product->pictures), ...$variantPictures];

        return self::of(
            PageKind::Product,
            $product->id,
            $at,
            [
                Aspect::Product->value => [$product->id],
                Aspect::CategoryExactly->value => $product->categoryIds,
                Aspect::CategoryWithin->value => $tree->upwards($product->categoryIds),
                Aspect::Collection->value => $product->collectionIds,
                Aspect::Brand->value => $product->brand === null ? [] : [$product->brand->id],
                Aspect::Tag->value => array_keys($product->tags),
            ],
            self::numbersOf($product, $at) + [
                Quantity::Pictures->value => count(array_unique($pictures)),
                Quantity::Variants->value => count($product->variants),
                Quantity::Described->value => (int) FactValue::holdsSomething($product->description),
            ],
            Folding::words($product->title),
            array_map(static fn (Variant $variant): array => $variant->values, $product->variants),
            $facts,
            PriceChanges::after($product->variants, $at),
        );
    }

    public static function assortment(Assortment $one, CategoryTree $tree, DateTimeImmutable $at): self
    {
        [$kind, $sets] = match ($one->kind) {
            SubjectKind::Category => [PageKind::Category, [
                Aspect::CategoryExactly->value => [$one->id],
                Aspect::CategoryWithin->value => $tree->upwards([$one->id]),
            ]],
            SubjectKind::Collection => [PageKind::Collection, [Aspect::Collection->value => [$one->id]]],
            SubjectKind::Brand => [PageKind::Brand, [Aspect::Brand->value => [$one->id]]],
            SubjectKind::Tag => [PageKind::Tag, [Aspect::Tag->value => [$one->id]]],
            SubjectKind::AllProducts => [PageKind::AllProducts, []],
            default => throw new LogicException("A {$one->kind->value} holds no products."),
        };

        return self::of($kind, $one->id, $at, $sets, [
            Quantity::Products->value => $one->products,
            Quantity::Pictures->value => (int) ($one->picture !== null),
            Quantity::Described->value => (int) ($one->description !== ''),
        ], Folding::words($one->name));
    }

    /** @param  int  $results all hits of the query, before filters and paging; without a query 0 */
    public static function search(string $query, int $results, DateTimeImmutable $at): self
    {
        return self::of(PageKind::Search, 0, $at, [], [Quantity::Results->value => $results], Folding::words($query));
    }

    /** A page of which there is one, and of which rules know nothing but the time. */
    public static function single(PageKind $kind, DateTimeImmutable $at): self
    {
        return self::of($kind, 0, $at);
    }

    /** The header or footer of a page: of the page's fields it has all but the product itself. */
    public function around(PageKind $kind): self
    {
        $sets = [Aspect::StandsOn->value => [$this->kind->number()]]
            + array_diff_key($this->sets, [Aspect::Product->value => true]);

        return self::of(
            $kind,
            $this->id,
            new DateTimeImmutable("@$this->at"),
            $sets,
            $this->numbers,
            priceChanges: $this->priceChanges,
        );
    }

    /**
     * @param  array<int, list<int>>  $sets  aspect => ids
     * @param  array<string, int>  $numbers
     * @param  list<string>  $words
     * @param  list<array<int, int>>  $variants
     * @param  array<int, list<int|string>>  $facts
     */
    public static function of(
        PageKind $kind,
        int $id,
        DateTimeImmutable $at,
        array $sets = [],
        array $numbers = [],
        array $words = [],
        array $variants = [],
        array $facts = [],
        ?int $priceChanges = null,
    ): self {
        return new self(
            $kind,
            $id,
            $at->getTimestamp(),
            $sets,
            self::tokens($sets),
            $numbers,
            $words,
            $variants,
            $facts,
            $priceChanges,
        );
    }

    /** @param  list<int>  $ids collections by rule that it is in besides */
    public function alsoInCollections(array $ids): self
    {
        if ($ids === []) {
            return $this;
        }
        $sets = $this->sets;
        $sets[Aspect::Collection->value] = array_values(
            array_unique([...$sets[Aspect::Collection->value] ?? [], ...$ids]),
        );

        return new self(
            $this->kind,
            $this->id,
            $this->at,
            $sets,
            self::tokens($sets),
            $this->numbers,
            $this->words,
            $this->variants,
            $this->facts,
            $this->priceChanges,
        );
    }

    public function has(Aspect $aspect, int $id): bool
    {
        return isset($this->tokens[$aspect->token($id)]);
    }

    /** Whether a page of this kind can have the aspect at all. */
    public function knows(Aspect $aspect): bool
    {
        return isset($this->sets[$aspect->value]);
    }

    /** True for a page that could have some, and has none. */
    public function hasNothing(Aspect $aspect): bool
    {
        return ($this->sets[$aspect->value] ?? null) === [];
    }

    public function number(Quantity $quantity): ?int
    {
        return $this->numbers[$quantity->value] ?? null;
    }

    /** @return int the sum of the stars of its reviews */
    public function starSum(): int
    {
        return $this->numbers['stars'] ?? 0;
    }

    /** @return array<string, int> */
    private static function numbersOf(Product $product, DateTimeImmutable $at): array
    {
        $stock = 0;
        $counted = true;
        $onSale = false;
        $prices = [];
        foreach ($product->variants as $variant) {
            $counted = $counted && $variant->stock !== null;
            $stock += max(0, $variant->stock ?? 0);
            $onSale = $onSale || $variant->isOnSale($at);
            $prices[] = $variant->priceAt($at);
        }
        $numbers = [
            Quantity::Sale->value => (int) $onSale,
            Quantity::Supply->value => $counted ? $stock : PHP_INT_MAX,
            Quantity::Reviews->value => $product->reviewCount,
            'stars' => $product->starSum,
        ];

        return $numbers
            + ($prices === [] ? [] : [Quantity::Price->value => min($prices)])
            + ($counted ? [Quantity::Stock->value => $stock] : [])
            + ($product->addedAt === null ? [] : [Quantity::Added->value => $product->addedAt->getTimestamp()]);
    }

    /**
     * @param  array<int, list<int>>  $sets
     * @return array<int, true>
     */
    private static function tokens(array $sets): array
    {
        $tokens = [];
        foreach ($sets as $aspect => $ids) {
            foreach ($ids as $id) {
                $tokens[$aspect << 48 | $id] = true;
            }
        }

        return $tokens;
    }
}
