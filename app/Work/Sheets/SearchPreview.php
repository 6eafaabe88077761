<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Sheets\Sql\SearchRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Selling\Search\Query;
use Vestibra\Core\Selling\Search\Reasons;
use Vestibra\Core\Selling\Search\SearchField;

/**
 * What a search finds, and why, for the owner.
 *
 * @shape Preview array{total: int, taken: list<string>, rows: list<array{id: int, title: string, address: string,
 *     why: list<string>, soldOut: bool}>}
 */
final readonly class SearchPreview
{
    private const MOST = 12;

    private const NEAR = 8;

    /** Letters that may differ in words that somebody could have meant. */
    private const FAR = 3;

    public function __construct(private SearchIndex $index)
    {
    }

    /**
     * @return array{total: int, taken: list<string>, rows: list<array{id: int, title: string, address: string,
     *     why: list<string>, soldOut: bool}>}
     */
    public function of(Query $query): array
    {
        $hits = $this->index->find($query);
        $taken = [];
        foreach ($hits->wanted as $one) {
            $one->same === [] || $taken[] = "“{$one->words}” means the same as “".implode('”, “', $one->same).'”';
            $one->near === [] || $taken[] = "nothing has “{$one->words}”, so “"
                .implode('”, “', $one->near)
                .'” is looked for';
        }
        $hits->leftOut === [] || $taken[] = 'nothing has “'.implode('”, “', $hits->leftOut).'”: left out';
        $rows = [];
        foreach (SearchRows::of($hits, self::MOST) as $row) {
            $fields = array_map(
                strval(...),
                ['title' => $row->in_title]
                    + array_intersect_key((array) $row, array_flip(array_column(SearchField::cases(), 'value'))),
            );
            $rows[] = [
                'id' => $row->id,
                'title' => $row->title,
                'address' => PageAddresses::address(PageKind::Product, $row->slug),
                'why' => array_map(
                    static fn (array $reason): string => "“{$reason['found']}” in its {$reason['field']->words()}",
                    Reasons::of($fields, $hits->wanted),
                ),
                'soldOut' => (bool) $row->sold_out,
            ];
        }

        return ['total' => $hits->total, 'taken' => $taken, 'rows' => $rows];
    }

    /** @return list<string> words of the shop that are written somewhat like what nothing was found for */
    public function near(Query $query): array
    {
        $near = [];
        $vocabulary = $this->index->vocabulary();
        foreach ($query->words as $word) {
            foreach ($vocabulary as $one => $products) {
                $one = (string) $one;
                $far = mb_strlen($one) > 2 && abs(strlen($one) - strlen($word)) <= self::FAR
                    ? levenshtein($word, $one)
                    : self::FAR + 1;
                if ($far > 0 && $far <= self::FAR && $far < mb_strlen($word)) {
                    $near[$one] = [$far, -$products, $one];
                }
            }
        }
        sort($near);

        return array_slice(array_map(static fn (array $one): string => $one[2], $near), 0, self::NEAR);
    }
}
