<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\Core\Messages\Messages;

/** Starts for the page at an address where nothing is, in the language of the shop. */
final class NotFoundStarts
{
    public const LIST = [
        [
            'name' => 'sorry',
            'title' => 'A word and a search',
            'words' => 'What happened, the field to search, and the names that are nearest to the address.',
        ],
        [
            'name' => 'around',
            'title' => 'A look around',
            'words' => 'What happened and a search, then the main categories as pictures.',
        ],
        [
            'name' => 'goods',
            'title' => 'Straight to the goods',
            'words' => 'One line, the nearest names beside a search, and what is new below.',
        ],
    ];

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(string $name, Messages $messages): ?array
    {
        $heading = [
            'kind' => 'page-title',
            'how' => ['desktop' => ['size' => 'size-5'], 'phone' => ['size' => 'size-4']],
        ];
        $words = ['kind' => 'text', 'what' => ['text' => $messages->say('error.404')]];
        $search = ['kind' => 'search-field'];
        $near = ['kind' => 'nearest-pages'];

        return match ($name) {
            'sorry' => [Starts::band([$heading, $words, $search, $near])],
            'around' => [
                ['how' => [
                    'desktop' => ['ground' => 'surface', 'paddingAbove' => 'step-6', 'paddingBelow' => 'step-6'],
                ]]
                + Starts::band([$heading, $words, $search]),
                Starts::band([[
                    'kind' => 'beneath',
                    'what' => ['pictures' => true],
                    'how' => ['desktop' => ['perRow' => 4], 'phone' => ['perRow' => 2]],
                ]]),
                Starts::band([$near]),
            ],
            'goods' => [
                Starts::band(['share' => 2, $heading, $search], ['share' => 1, $near]),
                Starts::band([[
                    'kind' => 'product-grid',
                    'what' =>
                        ['feed' => 'rule', 'perPage' => 8, 'titled' => true, 'title' => $messages->say('list.new')],
                    'how' => ['desktop' => ['perRow' => 4], 'phone' => ['perRow' => 2]],
                ]]),
            ],
            default => null,
        };
    }
}
