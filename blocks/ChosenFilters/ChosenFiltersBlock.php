<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ChosenFilters;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;

/** Which filters are on: each can be taken off by itself, or all at once. */
final readonly class ChosenFiltersBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'chosen-filters',
            'What is filtered by',
            Shelf::More,
            [
            ],
            searchWords: 'chips filters active chosen clear remove',
            onCards: false,
            messages: ['filter', 'filters'],
            subjects: SubjectKind::LISTINGS,
            followsList: true,
            pieces: [
                Piece::pressed('chip', 'Each', '.chosen-filter')->withLines()->asChief(),
                Piece::link('clear', 'Clear', '.filters-clear'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $narrowed = $context->listed()->narrowed;

        return $narrowed->chips === []
            ? Composed::absent('nothing is filtered here')
            : Composed::shown(['chips' => $narrowed->chips, 'clear' => $narrowed->clear]);
    }
}
