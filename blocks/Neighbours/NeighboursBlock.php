<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Neighbours;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class NeighboursBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'neighbours',
            'Previous and next',
            Shelf::More,
            [
                Setting::what('titles', 'With their titles', new Toggle, true),
            ],
            searchWords: 'previous next browse',
            onCards: false,
            messages: ['way'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::link('link', 'Links', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $beside = $context->shop->neighbours();

        return $beside['previous'] === null && $beside['next'] === null
            ? Composed::absent('no other product in its main category')
            : Composed::shown($beside + ['titles' => $settings->bool('titles')]);
    }
}
