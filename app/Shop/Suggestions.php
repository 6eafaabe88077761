<?php

declare(strict_types=1);

namespace Vestibra\App\Shop;

use stdClass;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Shop\Sql\SuggestedRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\Search\Query;

/**
 * What is suggested while somebody types: searches that others made, categories, products.
 *
 * @phpstan-type Suggestion array{words: string, address: string, picture?: string|null}
 *
 * @shape Suggestion
 * @shape Suggestions array{queries: list<Suggestion>, categories: list<Suggestion>, products: list<Suggestion>}
 */
final readonly class Suggestions
{
    private const QUERIES = 3;

    private const CATEGORIES = 3;

    private const PRODUCTS = 5;

    public function __construct(
        private SearchIndex $index,
        private Searches $searches,
    ) {
    }

    /** @return array{queries: list<Suggestion>, categories: list<Suggestion>, products: list<Suggestion>} */
    public function of(Query $query): array
    {
        if ($query->isEmpty()) {
            return ['queries' => [], 'categories' => [], 'products' => []];
        }
        $search = static fn (string $words): array =>
            ['words' => $words, 'address' => PageAddresses::address(PageKind::Search, $words)];

        return [
            'queries' => array_map(
                $search,
                array_values(array_filter(
                    $this->searches->beginning($query, self::QUERIES + 1),
                    static fn (string $words): bool => Query::of($words)->folded() !== $query->folded(),
                )),
            ),
            'categories' => $this->categories($query),
            'products' => $this->products($query),
        ];
    }

    /** @return list<Suggestion> whose names have all words at the beginning of one of theirs */
    private function categories(Query $query): array
    {
        $where = implode(' and ', array_fill(0, count($query->words), 'begins_word(name_folded, ?)'));

        return array_map(
            static fn (stdClass $row): array =>
                ['words' => $row->name, 'address' => PageAddresses::address(PageKind::Category, $row->slug)],
            SuggestedRows::categories($where, self::CATEGORIES, $query),
        );
    }

    /** @return list<Suggestion> */
    private function products(Query $query): array
    {
        $ids = $this->index->first($query, self::PRODUCTS);
        $found = [];
        foreach ($ids === [] ? [] : SuggestedRows::products($ids) as $row) {
            $found[$row->id] = [
                'words' => $row->title,
                'address' => PageAddresses::address(PageKind::Product, $row->slug),
                'picture' => $row->file === null ? null : "/pictures/$row->file-160.webp",
            ];
        }

        return array_values(array_filter(array_map(static fn (int $id): ?array => $found[$id] ?? null, $ids)));
    }
}
