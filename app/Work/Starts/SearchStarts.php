<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Pages\PageKind;

/** Starts for what a search finds, in the language of the shop: the query is its name, and it has no picture. */
final class SearchStarts
{
    public const LIST = [
        [
            'name' => 'shelves',
            'title' => 'Field, words, products',
            'words' => 'The field to search again, what was searched for, and all that was found.',
        ],
        [
            'name' => 'beside',
            'title' => 'Filters beside what was found',
            'words' => 'A narrow column with filters; the field and what was found beside it, and “more” below.',
        ],
        [
            'name' => 'lines',
            'title' => 'A line for each',
            'words' => 'The field across the page, and what was found one below another, with short words.',
        ],
    ];

    /** Only where a search found nothing. */
    private const NOTHING = ['where' => [['field' => 'results', 'comparison' => 'atMost', 'values' => [0]]]];

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(string $name, Messages $messages): ?array
    {
        $head = [
            [
                'kind' => 'page-title',
                'what' => ['before' => $messages->say('search.before')],
                'how' => ['desktop' => ['size' => 'size-4']],
            ],
            ['kind' => 'search-field'],
            ['kind' => 'search-note'],
        ];
        $around = Starts::band([
            [
                'kind' => 'heading',
                'what' => ['text' => $messages->say('search.around'), 'level' => 'h2'],
                'when' => self::NOTHING,
            ],
            ['kind' => 'beneath', 'when' => self::NOTHING],
        ]);
        $nothing = ['empty' => $messages->say('search.nothing')];

        return match ($name) {
            'shelves' => [
                Starts::band($head),
                Starts::band([ListingStarts::grid(PageKind::Search, $nothing), ['kind' => 'paging']]),
                $around,
            ],
            'beside' => [
                Starts::band($head),
                Starts::band(
                    ['share' => 1, ListingStarts::filters()],
                    [
                        'share' => 3,
                        ['kind' => 'chosen-filters'],
                        ListingStarts::grid(PageKind::Search, ['rows' => 4] + $nothing, ['perRow' => 3]),
                        [
                            'kind' => 'paging',
                            'what' => ['way' => 'more'],
                            'how' => ['desktop' => ['align' => 'center']],
                        ],
                    ],
                ),
                $around,
            ],
            'lines' => [
                Starts::band([
                    ['kind' => 'search-field', 'how' => ['desktop' => ['width' => '100%']]],
                    [
                        'kind' => 'page-title',
                        'what' => ['before' => $messages->say('search.before')],
                        'how' => ['desktop' => ['size' => 'size-3']],
                    ],
                    ['kind' => 'search-note'],
                ]),
                Starts::band([
                    ['kind' => 'chosen-filters'],
                    ListingStarts::grid(PageKind::Search, ['layout' => 'list', 'perPage' => 20] + $nothing),
                    ['kind' => 'paging'],
                ]),
                $around,
            ],
            default => null,
        };
    }
}
