<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Carousel;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\DividesRoom;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Text;

final readonly class CarouselBlock implements BlockKind, DividesRoom
{
    public function definition(): Definition
    {
        return new Definition(
            'carousel',
            'Carousel',
            Shelf::Say,
            [
                Setting::how('perView', 'At once', new Amount(1, 6, ''), '--carousel-at-once'),
                Setting::how('gap', 'Between', new StepOfScale, '--carousel-gap'),
                Setting::words('name', 'Said to those who cannot see it', new Text(80), 'carousel.name')->staying(),
            ],
            role: Role::Block,
            accepts: Role::Block,
            starters: [new Starter('Carousel', ['kind' => 'carousel', 'children' => [
                ['kind' => 'picture'],
                ['kind' => 'picture', 'what' => ['picture' => ['source' => 'product.other-picture']]],
            ]])],
            searchWords: 'slides pictures slider',
            onCards: false,
            messages: ['carousel'],
            pieces: [
                Piece::pressed('arrow', 'Arrows', '> .carousel-buttons button')->withLines(),
            ],
        );
    }

    public function roomOf(Node $node, ?Node $child, Place $inside, HouseStyle $house): Place
    {
        return $inside->map(static function (Breadth $room, Width $width) use ($node, $house): Breadth {
            $atOnce = $node->holding('perView', $width);
            $atOnce = is_int($atOnce) ? max(1, $atOnce) : 1;

            return $room->less(($atOnce - 1) * Box::gap($node->holding('gap', $width), 3, $house))->times(1 / $atOnce);
        });
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $shown = array_filter($children, static fn (ComposedNode $child): bool => $child->absent === null);

        return $shown === []
            ? Composed::absent('nothing in it shows here')
            : Composed::shown(['name' => $settings->named('name'), 'count' => count($shown)]);
    }
}
