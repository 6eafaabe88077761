<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

/** Starts for what stands above pages. */
final class HeaderStarts
{
    public const LIST = [
        [
            'name' => 'plain',
            'title' => 'All in one row',
            'words' =>
                'Name, categories, search and cart side by side; on the phone the categories wait behind a button.',
        ],
        [
            'name' => 'two-rows',
            'title' => 'Two rows and a notice',
            'words' => 'A notice that can be closed, name, search and cart, and below them the categories, which open '
                .'with pictures.',
        ],
        [
            'name' => 'quiet',
            'title' => 'Quiet',
            'words' => 'Name in the middle, everything else behind a button. It comes back on the way up.',
        ],
    ];

    /** @return array<string, mixed> what the header itself is set to */
    public static function itself(string $name): array
    {
        return $name === 'quiet' ? ['what' => ['stays' => 'up']] : [];
    }

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(string $name): ?array
    {
        $search = ['kind' => 'search-field', 'what' => ['look' => 'glass']];

        return match ($name) {
            'plain' => [self::row(
                ['kind' => 'logo'],
                ['kind' => 'navigation', 'how' => ['desktop' => ['stand' => 'flex-end']]],
                $search,
                ['kind' => 'cart-link'],
            )],
            'two-rows' => [
                ['how' => ['desktop' => ['ground' => 'surface', 'paddingAbove' => 4, 'paddingBelow' => 4]]]
                + Starts::band([['kind' => 'notice-strip']]),
                self::row(['kind' => 'logo'], $search, ['kind' => 'cart-link']),
                ['how' => ['desktop' => ['paddingAbove' => 0, 'paddingBelow' => 4]]] + Starts::band([[
                    'kind' => 'navigation',
                    'what' => ['pictures' => true],
                    'how' => ['desktop' => ['stand' => 'center']],
                ]]),
            ],
            'quiet' => [self::row(
                ['kind' => 'navigation', 'what' => ['drawer' => 'always']],
                ['kind' => 'logo'],
                ['kind' => 'cart-link', 'what' => ['look' => 'drawing']],
            )],
            default => null,
        };
    }

    /**
     * @param  array<string, mixed>  ...$blocks
     * @return array<string, mixed>
     */
    private static function row(array ...$blocks): array
    {
        return ['how' => ['desktop' => ['paddingAbove' => 'step-2', 'paddingBelow' => 'step-2']]]
            + Starts::band([[
                'kind' => 'holder',
                'how' => ['desktop' => ['gap' => 4, 'stand' => 'space-between']],
                'children' => array_values($blocks),
            ]]);
    }
}
