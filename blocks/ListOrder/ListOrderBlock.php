<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ListOrder;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;

/** In which order customers see the page's products. */
final readonly class ListOrderBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'list-order',
            'Order of products',
            Shelf::More,
            [
            ],
            searchWords: 'sort sorting list select',
            onCards: false,
            messages: ['list'],
            subjects: SubjectKind::LISTINGS,
            followsList: true,
            pieces: [
                Piece::box('field', 'Field', 'select')->withLines(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $listed = $context->listed();

        return $listed->total < 2
            ? Composed::absent('there is nothing to put in order')
            : Composed::shown([
                'value' => $listed->sort,
                'values' => $listed->sorts,
                'asked' => array_diff_key($listed->asked, ['sort' => true]),
            ]);
    }
}
