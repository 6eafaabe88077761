<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

/** What a card may begin with. */
final class CardStarts
{
    public const USUAL = 'plain';

    public const LIST = [
        [
            'name' => 'plain',
            'title' => 'Picture, name, price',
            'words' => 'The picture in one shape, its badge on it, the brand, the name and the price.',
        ],
        [
            'name' => 'to-buy',
            'title' => 'With a way to buy',
            'words' => 'Colours to see, stars, and price and button side by side at the foot.',
        ],
        [
            'name' => 'framed',
            'title' => 'Framed, with words',
            'words' => 'A line around it, a wide picture with the next ones small below, and the short description.',
        ],
        [
            'name' => 'quiet',
            'title' => 'Quiet and centred',
            'words' => 'A tall picture, the name and the price in the middle, and nothing besides.',
        ],
    ];

    /**
     * @return array<string, mixed>|null the card with its blocks, in the stored form without ids; null when there is no
     *     such start
     */
    public static function tree(string $name): ?array
    {
        $title = static fn (int $size = 16): array => [
            'kind' => 'title',
            'what' => ['level' => 'h3', 'linked' => true],
            'how' => ['desktop' => ['size' => $size]],
        ];
        $price = static fn (int $size = 16): array => [
            'kind' => 'price',
            'what' => ['ranges' => 'from', 'saving' => 'none'],
            'how' => ['desktop' => ['now.size' => $size]],
        ];
        $brand = ['kind' => 'brand', 'how' => ['desktop' => ['size' => 13]]];
        $badge = [
            'kind' => 'badges',
            'what' => ['badges' => ['sale', 'out']],
            'how' => ['desktop' => ['marginAbove' => -36, 'layer' => 2]],
        ];

        return match ($name) {
            self::USUAL => [
                'kind' => 'card',
                'children' => [['kind' => 'product-picture'], $badge, $brand, $title(), $price()],
            ],
            'to-buy' => ['kind' => 'card', 'children' => [
                ['kind' => 'product-picture', 'how' => ['desktop' => ['picture.grow:hovered' => 104]]],
                $badge,
                ['kind' => 'swatches'],
                $title(),
                ['kind' => 'rating'],
                [
                    'kind' => 'holder',
                    'how' => ['desktop' => ['gap' => 2]],
                    'children' => [$price(18), ['kind' => 'quick-buy']],
                ],
            ]],
            'framed' => [
                'kind' => 'card',
                'how' => ['desktop' => [
                    'padding' => 'step-3', 'line' => 1, 'lineColour' => 'line', 'corner' => 'house', 'gap' => 8,
                    'rise:hovered' => 3, 'shadow:hovered' => 'shadow-lifted',
                ]],
                'children' => [
                    [
                        'kind' => 'product-picture',
                        'what' => ['more' => 'row'],
                        'how' => ['desktop' => ['shape' => 'wide']],
                    ],
                    $title(18),
                    ['kind' => 'short-description', 'how' => ['desktop' => ['size' => 15]]],
                    $price(18),
                ],
            ],
            'quiet' => ['kind' => 'card', 'how' => ['desktop' => ['align' => 'center', 'gap' => 8]], 'children' => [
                ['kind' => 'product-picture', 'how' => ['desktop' => ['shape' => 'tall']]],
                $title(),
                [
                    'kind' => 'price',
                    'what' => ['ranges' => 'from', 'saving' => 'none'],
                    'how' => ['desktop' => ['now.size' => 15, 'align' => 'center']],
                ],
            ]],
            'blank' => ['kind' => 'card'],
            default => null,
        };
    }
}
