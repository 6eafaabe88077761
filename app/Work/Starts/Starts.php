<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Starts;

use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Templates\Copying;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\TreeReader;

/**
 * Ready-made trees to begin a template from, by the kind of its pages. They make no claims about the goods.
 *
 * @shape Start array{name: string, title: string, words: string, picture: bool}
 */
final readonly class Starts
{
    /** A quiet box, in the corners and distances of the house style. */
    private const BOX = ['ground' => 'surface', 'padding' => 'step-4', 'corner' => 'house'];

    private const ROOTS = [InTemplate::CARD, 'header', 'footer'];

    /** Columns as high as what stands in them. */
    private const TOP = ['how' => ['desktop' => ['align' => 'flex-start']]];

    public function __construct(
        private Ids $ids,
        private ShopMessages $messages,
    ) {
    }

    /**
     * @return list<array{name: string, title: string, words: string, picture: bool}> picture: it shows that of what the
     *     page is about, in whose place another one can stand
     */
    public function list(PageKind $kind): array
    {
        return array_map(
            static fn (array $start): array => $start + ['picture' => $start['name'] === ListingStarts::PICTURED],
            self::offered($kind),
        );
    }

    /** @return list<array{name: string, title: string, words: string}> */
    private static function offered(PageKind $kind): array
    {
        return [...match ($kind) {
            PageKind::Product => [
                [
                    'name' => 'gallery-and-buy',
                    'title' => 'Gallery and buy box',
                    'words' => 'Pictures on the left, everything to buy on the right, the story below.',
                ],
                [
                    'name' => 'story',
                    'title' => 'Big picture and story',
                    'words' => 'One wide picture, then the words, then the way to buy.',
                ],
                [
                    'name' => 'compact',
                    'title' => 'Facts first',
                    'words' => 'Small picture, all facts and codes beside the way to buy, on one screen.',
                ],
                [
                    'name' => 'launch',
                    'title' => 'Long launch page',
                    'words' => 'The picture behind the title, then band after band: story, quote, questions, reviews.',
                ],
            ],
            PageKind::Home => HomeStarts::LIST,
            PageKind::Card => CardStarts::LIST,
            PageKind::Search => SearchStarts::LIST,
            PageKind::NotFound => NotFoundStarts::LIST,
            PageKind::Header => HeaderStarts::LIST,
            PageKind::Footer => FooterStarts::LIST,
            default => ListingStarts::LIST,
        },
            [
                'name' => 'blank',
                'title' => 'Blank',
                'words' => $kind === PageKind::Card
                    ? 'Nothing yet, for your own order of things.'
                    : 'One empty band, for your own order of things.',
            ]];
    }

    /** The one that every shop begins with. */
    public static function usual(PageKind $kind): string
    {
        return match ($kind) {
            PageKind::Product => 'gallery-and-buy',
            PageKind::Home => 'front',
            PageKind::NotFound => 'sorry',
            PageKind::Card => CardStarts::USUAL,
            PageKind::Header, PageKind::Footer => 'plain',
            default => 'shelves',
        };
    }

    /** @param  array<string, mixed>  $stored  a stored tree; whether it holds nothing but bands and columns */
    public static function canReplace(array $stored): bool
    {
        $page = $stored['page'] ?? null;
        $holds = static function (mixed $node) use (&$holds): bool {
            $children = is_array($node) && is_array($node['children'] ?? null) ? $node['children'] : [];

            return ! is_array($node)
                || ! in_array($node['kind'] ?? null, ['page', 'band', 'column', ...self::ROOTS], true)
                || array_filter($children, $holds) !== [];
        };

        return ! $holds($page);
    }

    public function tree(PageKind $kind, string $name, Schema $schema): ?Node
    {
        if (! in_array($name, array_column(self::offered($kind), 'name'), true)) {
            return null;
        }
        if ($kind === PageKind::Card) {
            return $this->made(CardStarts::tree($name), $schema);
        }
        $bands = match ($name) {
            'gallery-and-buy' => self::galleryAndBuy(),
            'story' => self::story(),
            'compact' => self::compact(),
            'launch' => self::launch(),
            'blank' => [self::band([])],
            default => match ($kind) {
                PageKind::Home => HomeStarts::tree($name, $this->messages->live()),
                PageKind::NotFound => NotFoundStarts::tree($name, $this->messages->live()),
                PageKind::Search => SearchStarts::tree($name, $this->messages->live()),
                PageKind::Header => HeaderStarts::tree($name),
                PageKind::Footer => FooterStarts::tree($name, $this->messages->live()),
                default => ListingStarts::tree($kind, $name),
            },
        };

        return $this->made(
            $bands === null ? null : ['kind' => InTemplate::root($kind), 'children' => $bands] + (
                $kind === PageKind::Header ? HeaderStarts::itself($name) : []
            ),
            $schema,
        );
    }

    /** @param  array<string, mixed>|null  $root  in the stored form, without ids */
    private function made(?array $root, Schema $schema): ?Node
    {
        if ($root === null) {
            return null;
        }
        $page = ['id' => $this->ids->next()] + $root;
        $read = (new TreeReader($schema, $this->ids))->parseTree(['format' => TreeReader::FORMAT, 'page' => $page]);

        return $read instanceof Node ? (new Copying($this->ids))->copy($read) : null;
    }

    /** @return list<array<string, mixed>> */
    private static function galleryAndBuy(): array
    {
        return [
            self::band([['kind' => 'breadcrumbs']]),
            self::band(
                ['share' => 6, ['kind' => 'gallery', 'how' => ['desktop' => ['shape' => 'square']]]],
                [
                    'share' => 5,
                    'how' => ['staysInView' => true],
                    ['kind' => 'title'],
                    ['kind' => 'price'],
                    ['kind' => 'short-description', 'how' => ['desktop' => ['size' => 'size-2']]],
                    ['kind' => 'variant-picker'],
                    ['kind' => 'buy'],
                ],
            ),
            self::band([['kind' => 'tabs', 'children' => [
                ['kind' => 'tab', 'what' => ['title' => 'Description'], 'children' => [['kind' => 'description']]],
            ]]]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function story(): array
    {
        return [
            self::band([['kind' => 'picture', 'how' => ['desktop' => ['shape' => 'strip']]]]),
            self::TOP + self::band(
                [
                    'share' => 3,
                    ['kind' => 'title', 'how' => ['desktop' => ['size' => 'size-6'], 'phone' => ['size' => 'size-4']]],
                    ['kind' => 'short-description', 'how' => ['desktop' => ['size' => 'size-2']]],
                    ['kind' => 'description'],
                ],
                [
                    'share' => 2,
                    'how' => self::BOX,
                    ['kind' => 'price', 'how' => ['desktop' => ['now.weight' => '600']]],
                    ['kind' => 'variant-picker'],
                    ['kind' => 'buy'],
                    ['kind' => 'rating'],
                ],
            ),
            self::TOP + self::band(
                ['share' => 3, ['kind' => 'gallery', 'how' => ['desktop' => ['shape' => 'square']]]],
                ['share' => 2, ['kind' => 'facts-table', 'what' => ['title' => 'In detail']]],
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function compact(): array
    {
        return [
            self::band([['kind' => 'breadcrumbs'], ['kind' => 'title', 'how' => ['desktop' => ['size' => 'size-3']]]]),
            self::TOP + self::band(
                [
                    'share' => 2,
                    [
                        'kind' => 'gallery',
                        'what' => ['thumbs' => 'below'],
                        'how' => ['desktop' => ['shape' => 'square']],
                    ],
                    ['kind' => 'rating'],
                ],
                ['share' => 3, ['kind' => 'facts-table'], ['kind' => 'codes']],
                [
                    'share' => 2,
                    'how' => self::BOX,
                    ['kind' => 'badges'],
                    ['kind' => 'price', 'how' => ['desktop' => ['now.weight' => '600']]],
                    ['kind' => 'stock'],
                    ['kind' => 'variant-picker'],
                    ['kind' => 'buy'],
                ],
            ),
            self::band([['kind' => 'accordion', 'children' => [
                ['kind' => 'fold', 'what' => ['title' => 'Description'], 'children' => [['kind' => 'description']]],
                [
                    'kind' => 'fold',
                    'what' => ['title' => 'Reviews'],
                    'children' => [['kind' => 'reviews', 'what' => ['title' => '']]],
                ],
            ]]]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function launch(): array
    {
        $centred = [
            'desktop' => ['align' => 'center', 'words.size' => 'size-4'],
            'phone' => ['words.size' => 'size-3'],
        ];

        return [
            [
                'what' => ['picture' => ['source' => 'product.picture']],
                'how' => ['desktop' => ['minScreen' => 70, 'tint' => 'ground', 'tintStrength' => 86]],
            ] + self::band([
                [
                    'kind' => 'title',
                    'how' => ['desktop' => ['size' => 'size-7', 'align' => 'center'], 'phone' => ['size' => 'size-5']],
                ],
                [
                    'kind' => 'text',
                    'what' => ['text' => ['source' => 'product.short-description']],
                    'how' => ['desktop' => ['size' => 'size-2', 'align' => 'center']],
                ],
            ]),
            self::TOP + self::band(
                ['share' => 1, ['kind' => 'gallery', 'how' => ['desktop' => ['shape' => 'square']]]],
                [
                    'share' => 1,
                    'how' => self::BOX,
                    ['kind' => 'price', 'how' => ['desktop' => ['now.size' => 'size-4']]],
                    ['kind' => 'variant-picker'],
                    ['kind' => 'buy'],
                    ['kind' => 'stock', 'what' => ['bar' => false]],
                ],
            ),
            self::band([['kind' => 'description']]),
            ['how' => ['desktop' => ['ground' => 'surface', 'paddingAbove' => 'step-6', 'paddingBelow' => 'step-6']]]
            + self::band([[
                'kind' => 'quote',
                'what' => ['text' => ['source' => 'product.short-description']],
                'how' => $centred,
            ]]),
            self::band([['kind' => 'facts-table', 'what' => ['title' => 'In detail']]], [
                ['kind' => 'picture', 'what' => ['picture' => ['source' => 'product.other-picture']]],
            ]),
            self::band([['kind' => 'reviews']]),
            self::band([['kind' => 'neighbours']]),
        ];
    }

    /**
     * @param  array<array-key, mixed>  ...$columns  blocks, and `share` or `how`
     * @return array<string, mixed>
     */
    public static function band(array ...$columns): array
    {
        return ['kind' => 'band', 'children' => array_map(static function (array $column): array {
            $how = array_filter(
                ['share' => $column['share'] ?? null] + ($column['how'] ?? []),
                static fn (mixed $value): bool => $value !== null,
            );
            unset($column['share'], $column['how']);

            return array_filter([
                'kind' => 'column',
                'how' => $how === [] ? null : ['desktop' => $how],
                'children' => array_values($column),
            ]);
        }, array_values($columns))];
    }
}
