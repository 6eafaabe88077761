<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\Core\Messages\Messages;

/**
 * Starts for the page that the shop begins with, in the language of the shop. They say nothing of the shop or its
 * goods.
 */
final class HomeStarts
{
    public const LIST = [
        [
            'name' => 'front',
            'title' => 'Welcome, shelves, news',
            'words' => 'A few words and a way in, the main categories as pictures, what is new, and your collections.',
        ],
        [
            'name' => 'window',
            'title' => 'Shop window',
            'words' =>
                'A few words on a deep colour as high as most of the screen, then what is new in a row that slides.',
        ],
        [
            'name' => 'counter',
            'title' => 'Straight to the goods',
            'words' => 'One line of welcome, then products, many at once, and the categories beside them.',
        ],
    ];

    /** @return list<array<string, mixed>>|null null when there is no such start */
    public static function tree(string $name, Messages $messages): ?array
    {
        return match ($name) {
            'front' => self::front($messages),
            'window' => self::window($messages),
            'counter' => self::counter($messages),
            default => null,
        };
    }

    /** @return list<array<string, mixed>> */
    private static function front(Messages $messages): array
    {
        return [
            ['how' => ['desktop' => [
                'ground' => 'surface', 'width' => 'content', 'paddingAbove' => 'step-6', 'paddingBelow' => 'step-6',
            ]]]
            + Starts::band([
                self::heading('h1', self::welcome($messages), ['size' => 'size-6']),
                ['kind' => 'button', 'what' => ['text' => $messages->say('list.see-all'), 'link' => '/all']],
            ]),
            Starts::band([[
                'kind' => 'beneath',
                'what' => ['pictures' => true],
                'how' => ['desktop' => ['perRow' => 4], 'phone' => ['perRow' => 2]],
            ]]),
            Starts::band([self::news('grid', 8, $messages)]),
            Starts::band([
                self::heading('h2', $messages->say('home.collections'), []),
                [
                    'kind' => 'beneath',
                    'what' => ['from' => 'collections', 'most' => 6, 'pictures' => true, 'words' => true],
                    'how' => ['desktop' => ['perRow' => 3], 'phone' => ['perRow' => 1]],
                ],
            ]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function window(Messages $messages): array
    {
        return [
            ['how' => ['desktop' => ['ground' => 'ink', 'colour' => 'ground', 'minScreen' => 80, 'align' => 'center']]]
            + Starts::band([self::heading(
                'h1',
                self::welcome($messages),
                ['size' => 'size-7', 'align' => 'center', 'colour' => 'ground'],
            )]),
            Starts::band([self::news('row', 12, $messages)]),
            Starts::band([[
                'kind' => 'beneath',
                'what' => ['pictures' => true, 'words' => true],
                'how' => ['desktop' => ['perRow' => 2], 'phone' => ['perRow' => 1]],
            ]]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function counter(Messages $messages): array
    {
        return [
            Starts::band([self::heading('h1', self::welcome($messages), ['size' => 'size-4'])]),
            Starts::band(
                ['share' => 1, ['kind' => 'beneath', 'what' => ['counts' => true]], [
                    'kind' => 'beneath',
                    'what' => ['from' => 'collections'],
                ]],
                ['share' => 3, [
                    'kind' => 'product-grid',
                    'what' => ['feed' => 'rule', 'perPage' => 12],
                    'how' => ['desktop' => ['perRow' => 3], 'phone' => ['perRow' => 2]],
                ]],
            ),
        ];
    }

    private static function welcome(Messages $messages): string
    {
        return $messages->say('home.welcome', ['shop' => config()->string('vestibra.shop')]);
    }

    /** @return array<string, mixed> the newest of all products */
    private static function news(string $layout, int $most, Messages $messages): array
    {
        return [
            'kind' => 'product-grid',
            'what' => [
                'feed' => 'rule',
                'perPage' => $most,
                'layout' => $layout,
                'titled' => true,
                'title' => $messages->say('home.new'),
            ],
            'how' => $layout === 'row'
                ? ['desktop' => ['perRow' => 4]]
                : ['desktop' => ['perRow' => 4], 'tablet' => ['perRow' => 3], 'phone' => ['perRow' => 2]],
        ];
    }

    /**
     * @param  array<string, mixed>  $how
     * @return array<string, mixed>
     */
    private static function heading(string $level, string $words, array $how): array
    {
        return array_filter([
            'kind' => 'heading',
            'what' => ['text' => $words, 'level' => $level],
            'how' => $how === [] ? [] : ['desktop' => $how] + (in_array($how['size'] ?? '', ['size-6', 'size-7'], true)
                ? ['phone' => ['size' => 'size-5']]
                : []),
        ]);
    }
}
