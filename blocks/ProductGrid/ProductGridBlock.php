<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductGrid;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Step;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/** The products of the page itself, a page of them at a time. */
final readonly class ProductGridBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'product-grid',
            'Products of the page',
            Shelf::Show,
            [
                Setting::what('perPage', 'On a page', new Amount(1, 96, ''), 12),
                Setting::what('sort', 'In the order', new Choice(['new' => 'newest first', 'title' => 'by title', 'cheap' => 'lowest price first', 'dear' => 'highest price first']), 'new'),
                Setting::what('count', 'Say how many there are', new Toggle, true),
                Setting::what('order', 'Let customers choose the order', new Toggle, true),
                Setting::words('empty', 'When there are none', new Text(160), 'list.none'),
                Setting::how('perRow', 'In a row', new Amount(1, 6, ''), '--grid-per-row'),
                Setting::how('gap', 'Between cards', new Step, '--grid-gap'),
            ],
            searchWords: 'list cards grid catalogue collection category',
            messages: ['badge', 'list', 'price'],
            subjects: SubjectKind::ASSORTMENTS,
            essential: Essential::Products,
            wordsMayStay: true,
            listsProducts: true,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $listed = $context->shop->listed();
        $instants = array_filter(array_column($listed->cards, 'until'), is_int(...));

        return Composed::shown([
            'cards' => $listed->cards,
            'total' => $settings->bool('count') ? $listed->total : null,
            'sort' => $listed->sort,
            'sorts' => $settings->bool('order') && $listed->total > 1 ? $listed->sorts : [],
            'empty' => $settings->named('empty'),
        ])->until($instants === [] ? null : min($instants));
    }
}
