<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Picture;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\NarrowPicture;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\StyleGroup;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Link;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Text;

final readonly class PictureBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'picture',
            'Picture',
            Shelf::Say,
            [
                Setting::sourced('picture', 'Picture', new PictureChoice, ['source' => 'product.picture']),
                ...NarrowPicture::settings(),
                Setting::what('alt', 'Said instead of it', new Text(300), ''),
                Setting::sourced('link', 'Leads to', new Link, ''),
                Setting::how('shape', 'Shape', new Choice(
                    ['own' => 'its own', 'square' => 'square', 'wide' => 'wide, 4 : 3', 'strip' => 'strip, 3 : 1'],
                    ['own' => 'auto', 'square' => '1', 'wide' => '4 / 3', 'strip' => '3 / 1'],
                ), '--picture-shape'),
                Setting::how(
                    'fit',
                    'The picture',
                    new Choice(['cover' => 'fills its shape', 'contain' => 'is seen whole']),
                    '--picture-fit',
                ),
            ],
            searchWords: 'image photo',
            whole: [StyleGroup::Box, StyleGroup::Size, StyleGroup::Movement, StyleGroup::Place],
            pieces: [
                Piece::picture('picture', 'Picture', '.picture')->asChief(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $picture = $settings->picture('picture');
        if ($picture === null) {
            return Composed::absent('no picture');
        }
        $alt = $settings->text('alt');

        $said = $alt === '' ? $picture->alt : $alt;

        $place = $settings->room('picture');

        return Composed::shown(
            [
                'alt' => $said,
                'link' => $settings->link('link'),
                'narrow' => NarrowPicture::of($settings, $context, $place),
            ] + PictureData::of($picture, $context->addresses, $place),
            $said === '' ? 'Nothing is said instead of this picture to those who cannot see it' : null,
        );
    }
}
