<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductGrid;

use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\CardList;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Places\DividesRoom;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\CardChoice;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Products;
use Vestibra\Core\Templates\Types\Rule;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * Products as cards: those of the page, a page of them at a time, or those of a rule, of a collection, or picked by
 * hand.
 */
final readonly class ProductGridBlock implements BlockKind, DividesRoom, SaysOfPage
{
    private const ORDERS = [
        'usual' => 'that is usual: your own where you made one, else newest first; for a search what fits best',
        'new' => 'newest first',
        'title' => 'by title',
        'cheap' => 'lowest price first',
        'dear' => 'highest price first',
        'rated' => 'best rated first',
        'saving' => 'biggest saving first',
        'own' => 'your own order',
    ];

    public function definition(): Definition
    {
        return new Definition(
            'product-grid',
            'Products',
            Shelf::Show,
            [
                Setting::what(
                    'feed',
                    'Shows',
                    new Choice([
                        'page' => 'the products of the page', 'rule' => 'products by a rule',
                        'collection' => 'products of a collection', 'chosen' => 'products picked here',
                    ]),
                    'page',
                ),
                Setting::what('rule', 'By the rule', new Rule, null)->while('feed', 'rule'),
                Setting::what('collection', 'Of the collection', new Numbered('collection'), null)
                    ->while('feed', 'collection'),
                Setting::what('fact', 'Picked in the fact', new Numbered('products-fact'), null)
                    ->while('feed', 'chosen'),
                Setting::what('products', 'Picked here', new Products, [])->while('feed', 'chosen'),
                Setting::what('perPage', 'At once', new Amount(1, 96, ''), 12)
                    ->while('feed', 'page', 'rule', 'collection')
                    ->unless('rows', 'a number of rows is set'),
                Setting::what('rows', 'or a number of rows', new Amount(0, 24, ''), 0)->while('feed', 'page'),
                Setting::what('sort', 'In the order', new Choice(self::ORDERS), 'usual')
                    ->while('feed', 'page', 'rule', 'collection'),
                Setting::what(
                    'layout',
                    'Stand',
                    new Choice(
                        ['grid' => 'side by side', 'list' => 'one below another', 'row' => 'in a row that slides'],
                    ),
                    'grid',
                ),
                Setting::what('card', 'As the card', new CardChoice, null),
                Setting::what('titled', 'With a title', new Toggle, false),
                Setting::words('title', 'Title', new Text(80), 'cards.title')->while('titled', true),
                OwnHeading::setting()->while('titled', true),
                Setting::what('count', 'Say how many there are', new Toggle, true)->while('feed', 'page'),
                Setting::what('order', 'Let customers choose the order', new Toggle, true)->while('feed', 'page'),
                Setting::words('empty', 'When there are none', new Text(160), 'list.none')->while('feed', 'page'),
                Setting::how('perRow', 'In a row', new Amount(1, 6, ''), '--grid-per-row')
                    ->eased(...Cards::MOST_IN_A_ROW)
                    ->unless('layout', 'one stands below another', 'list'),
                Setting::how('cardWidth', 'or each at least so wide', new Amount(80, 1200), '--grid-card')
                    ->unless('layout', 'one stands below another', 'list'),
                Setting::how(
                    'shape',
                    'Pictures are',
                    new Choice(
                        ['square' => 'square', 'tall' => 'tall', 'wide' => 'wide'],
                        ['square' => '1', 'tall' => '4 / 5', 'wide' => '4 / 3'],
                    ),
                    '--card-shape',
                ),
                Setting::how(
                    'fit',
                    'and',
                    new Choice(['cover' => 'fill their shape', 'contain' => 'are seen whole']),
                    '--card-fit',
                ),
                Setting::how('gap', 'Between cards', new StepOfScale, '--grid-gap'),
            ],
            starters: [
                new Starter('Products of the page', ['kind' => 'product-grid']),
                new Starter(
                    'Products by rule',
                    ['kind' => 'product-grid', 'what' => ['feed' => 'rule', 'perPage' => 4, 'titled' => true]],
                    self::drawing('M14 40h44'),
                ),
                new Starter(
                    'Picked products',
                    ['kind' => 'product-grid', 'what' => ['feed' => 'chosen', 'titled' => true]],
                    self::drawing('M8 40l3 3 5-6M28 40l3 3 5-6M48 40l3 3 5-6'),
                ),
            ],
            searchWords: 'list cards grid catalogue collection category related recommended picked rule newest',
            onCards: false,
            messages: ['badge', 'cards', 'carousel', 'filters', 'list', 'price', 'search'],
            essential: Essential::Products,
            essentialWhile: ['feed' => 'page'],
            headingLevel: 2,
            wordsMayStay: true,
            listsProducts: true,
            followsList: true,
            pieces: [
                Piece::letters('title', 'Heading', '> .product-grid-title'),
                Piece::box('bar', 'Line above', '> .product-grid-bar')->withLines(),
                Piece::box('field', 'Field', '.list-choice select')->withLines(),
                Piece::letters('none', 'When there are none', '> .product-grid-none'),
                Piece::pressed('arrow', 'Arrows', '> .carousel-buttons button')->withLines(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return match ($settings->text('feed')) {
            'rule' => $this->cards(
                $settings,
                $context,
                $context->shop->byRule($settings->rule('rule'), $settings->text('sort'), $this->most($settings)),
                'no product fits the rule',
            ),
            'collection' => $this->cards(
                $settings,
                $context,
                $settings->number('collection') === null ? [] : $context->shop->ofCollection(
                    $settings->number('collection'),
                    $settings->text('sort'),
                    $this->most($settings),
                ),
                $settings->number('collection') === null
                    ? 'no collection is chosen'
                    : 'the collection has no products in the shop',
            ),
            'chosen' => $this->chosen($settings, $context),
            default => $context->subject->kind()->holdsProducts()
                ? $this->ofPage($settings, $context)
                : Composed::absent(
                    "this {$context->subject->kind()->one()} has no products of its own: choose what it shows",
                ),
        };
    }

    public function says(Composed $composed, Context $context): array
    {
        if ($composed->data['page'] === null || $composed->cards === null || $composed->cards->contexts === []) {
            return [];
        }
        $listed = $context->listed();

        return [Said::of($context->subject, StructuredPart::Products, [
            'numberOfItems' => $listed->total,
            'itemListElement' => array_map(
                static fn (Context $one, int $at): array => [
                    '@type' => 'ListItem',
                    'position' => $listed->from() + $at,
                    'name' => $one->subject->title(),
                    'url' => new Address($one->addresses->subject($one->subject)),
                ],
                $composed->cards->contexts,
                array_keys($composed->cards->contexts),
            ),
        ])];
    }

    public function roomOf(Node $node, ?Node $child, Place $inside, HouseStyle $house): Place
    {
        return (new Cards($node, $house))->room($inside);
    }

    private function ofPage(Settings $settings, Context $context): Composed
    {
        $listed = $context->listed();

        return $this->shown($settings, $context->shop->cards($settings->number('card'), $listed->ids), [
            'total' => $settings->bool('count') ? $listed->total : null,
            'sort' => $listed->sort,
            'sorts' => $settings->bool('order') && $listed->total > 1 ? $listed->sorts : [],
            'asked' => array_diff_key($listed->asked, ['sort' => true]),
            'page' => $listed->page,
            'empty' => $listed->said?->query === ''
                ? $context->messages->say('search.type')
                : $settings->text('empty'),
            'giveUp' => $listed->narrowed->giveUp,
            'clear' => $listed->narrowed->chips === [] ? null : $listed->narrowed->clear,
        ]);
    }

    /** Those in a fact of the product first, then those picked for every page; never the product of the page itself. */
    private function chosen(Settings $settings, Context $context): Composed
    {
        $fact = $settings->number('fact');
        $ids = array_values(array_unique(array_diff(
            [...$context->fact($fact)?->numbers() ?? [], ...$settings->ids('products')],
            $context->subject instanceof Product ? [$context->subject->id] : [],
        )));

        return $this->cards($settings, $context, $ids, match (true) {
            $ids !== [] => 'none of the picked products can be seen in the shop',
            $fact === null => 'no products are picked',
            default => "this {$context->subject->kind()->one()} has nothing in "
                .($context->shop->nameOf('fact', $fact) ?? 'this fact'),
        });
    }

    /** @param  list<int>  $ids */
    private function cards(Settings $settings, Context $context, array $ids, string $none): Composed
    {
        $cards = $ids === [] ? null : $context->shop->cards($settings->number('card'), $ids);

        return match (true) {
            $cards === null => Composed::absent($none),
            $cards->contexts === [] => Composed::absent($none)->with($cards),
            default => $this->shown($settings, $cards, []),
        };
    }

    /** @param  array<string, mixed>  $more */
    private function shown(Settings $settings, CardList $cards, array $more): Composed
    {
        return Composed::shown($more + [
            'none' => $cards->contexts === [],
            'title' => $settings->bool('titled') ? $settings->text('title') : '',
            ...OwnHeading::of($settings),
            'layout' => $settings->text('layout'),
            'empty' => $settings->text('empty'),
            'total' => null,
            'sort' => '',
            'sorts' => [],
            'asked' => [],
            'page' => null,
            'giveUp' => null,
            'clear' => null,
        ])->with($cards);
    }

    private function most(Settings $settings): int
    {
        return max(1, $settings->amount('perPage'));
    }

    private static function drawing(string $mark): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 72 48" fill="none" stroke="currentColor" '
            .'stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round">'
            .'<path d="M4 8h24"/><rect x="4" y="14" width="18" height="20" rx="2"/><rect x="27" '
            .'y="14" width="18" height="20" rx="2"/><rect x="50" y="14" width="18" height="20" '
            ."rx=\"2\"/><path d=\"$mark\"/></svg>";
    }
}
