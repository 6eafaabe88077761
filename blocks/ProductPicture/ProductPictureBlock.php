<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ProductPicture;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * The product's own picture as it stands on a card: in one shape whatever the file, with the next ones on hover or in a
 * small row.
 */
final readonly class ProductPictureBlock implements BlockKind
{
    private const ROW = 4;

    private const SLIDES = 8;

    public function definition(): Definition
    {
        return new Definition(
            'product-picture',
            'Product’s picture',
            Shelf::Show,
            [
                Setting::what('linked', 'Leads to the product', new Toggle, true),
                Setting::what(
                    'more',
                    'Its other pictures',
                    new Choice([
                        'hover' => 'the second, while the pointer is over it',
                        'row' => 'in a small row',
                        'slider' => 'one after another, by arrows or a swipe',
                        'none' => 'not',
                    ]),
                    'hover',
                ),
                Setting::how(
                    'shape',
                    'Shape',
                    new Choice(
                        ['square' => 'square', 'tall' => 'tall', 'wide' => 'wide'],
                        ['square' => '1', 'tall' => '4 / 5', 'wide' => '4 / 3'],
                    ),
                    '--card-shape',
                ),
                Setting::how(
                    'fit',
                    'The picture',
                    new Choice(['cover' => 'fills its shape', 'contain' => 'is seen whole']),
                    '--card-fit',
                ),
            ],
            starters: [
                new Starter('Product’s picture', ['kind' => 'product-picture']),
                new Starter(
                    'Picture with a small row',
                    ['kind' => 'product-picture', 'what' => ['more' => 'row']],
                    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 72 48" fill="none" stroke="currentColor" '
                        .'stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round"><rect x="20" y="4" '
                        .'width="32" height="26" rx="2"/><rect x="20" y="34" width="9" height="9" rx="1"/><rect '
                        .'x="31.5" y="34" width="9" height="9" rx="1"/><rect x="43" y="34" width="9" height="9" '
                        .'rx="1"/></svg>',
                ),
            ],
            searchWords: 'image photo thumbnail card hover',
            messages: ['carousel'],
            subjects: [SubjectKind::Product],
            whole: [StyleGroup::Box, StyleGroup::Size, StyleGroup::Movement, StyleGroup::Place],
            pieces: [
                Piece::picture('room', 'Picture', '.product-picture-room')->asChief(),
                Piece::picture('picture', 'In its room', '.product-picture-room img'),
                Piece::picture('small', 'Small pictures', '.product-picture-row img'),
                Piece::pressed('arrow', 'Arrows', '.product-picture-arrows button')->withLines(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();
        $more = $settings->text('more');
        $most = ['hover' => 2, 'row' => self::ROW, 'slider' => self::SLIDES][$more] ?? 1;
        $pictures = array_slice($product->pictures, 0, $most);

        $place = $settings->room('room');

        return Composed::shown([
            'link' => $settings->bool('linked') ? $context->addresses->product($product->slug) : '',
            'title' => $product->title,
            'pictures' => array_map(
                static fn (Picture $picture): array => PictureData::of(
                    $picture,
                    $context->addresses,
                    $place,
                ),
                $pictures,
            ),
            'more' => $more,
        ]);
    }
}
