<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Gallery;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class GalleryBlock implements BlockKind, SaysOfPage
{
    /** Pictures that search engines are told of. */
    private const MOST_SAID = 6;

    /** How wide the small pictures beside the stage are, in pixels, as the style sheet says. */
    private const THUMBS = 76.0;

    public function definition(): Definition
    {
        return new Definition(
            'gallery',
            'Gallery',
            Shelf::Show,
            [
                Setting::what('thumbs', 'Small pictures', new Choice([
                    'below' => 'below',
                    'left' => 'on the left',
                    'right' => 'on the right',
                    'none' => 'none',
                ]), 'below'),
                Setting::what('zoom', 'A click enlarges', new Toggle, true),
                Setting::how('shape', 'Shape', new Choice(
                    ['square' => 'square', 'tall' => 'tall, 4 : 5', 'wide' => 'wide, 4 : 3'],
                    ['square' => '1', 'tall' => '4 / 5', 'wide' => '4 / 3'],
                ), '--gallery-shape'),
            ],
            searchWords: 'pictures photos images thumbnails',
            onCards: false,
            messages: ['gallery'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::picture('main', 'Main picture', '.gallery-stage')->limited()->asChief(),
                Piece::picture('picture', 'Pictures in it', '.gallery-stage img'),
                Piece::pressed('small', 'Small pictures', '.gallery-thumbs a')
                    ->when(PieceState::Chosen, '.gallery-thumbs a[aria-current]')
                    ->withLines(),
                Piece::picture('thumb', 'Pictures in those', '.gallery-thumbs img'),
                Piece::pressed('enlarge', 'Enlarge', '.gallery-enlarge')->withLines(),
                Piece::letters('none', 'Without pictures', '.gallery-stand-in'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $pictures = $context->product()->pictures;
        $first = $context->chosen()->variant?->pictureId;
        if ($first !== null) {
            usort($pictures, static fn (Picture $a, Picture $b): int => ($b->id === $first) <=> ($a->id === $first));
        }

        $thumbs = $settings->text('thumbs');
        $beside = in_array($thumbs, ['left', 'right'], true) ? self::THUMBS + Box::step(3, $context->house) : 0.0;
        $place = $settings->room()->map(static fn (Breadth $room): Breadth => $room->less($beside));

        return Composed::shown([
            'title' => $context->product()->title,
            'thumbs' => $thumbs,
            'zoom' => $settings->bool('zoom'),
            'pictures' => array_map(
                static fn (Picture $picture): array => PictureData::of($picture, $context->addresses, $place),
                $pictures,
            ),
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $pictures = array_slice($context->product()->pictures, 0, self::MOST_SAID);

        return $pictures === [] ? [] : [Said::of(
            $context->subject,
            StructuredPart::Images,
            array_map(
                static fn (Picture $picture): Address => new Address($context->addresses->picture($picture, 800)),
                $pictures,
            ),
        )];
    }
}
