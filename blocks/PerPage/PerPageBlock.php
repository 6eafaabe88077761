<?php

declare(strict_types=1);

namespace Vestibra\Blocks\PerPage;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;

/** How many of the page's products customers see at once: as many as the page has it, twice or four times as many. */
final readonly class PerPageBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'per-page',
            'How many at once',
            Shelf::More,
            [
            ],
            searchWords: 'number list page select',
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
        $fewest = $listed->perPageChoices[0] ?? $listed->perPage;

        return $listed->total <= $fewest
            ? Composed::absent('all products stand on one page')
            : Composed::shown([
                'value' => $listed->perPage,
                'values' => $listed->perPageChoices,
                'asked' => array_diff_key($listed->asked, ['show' => true]),
            ]);
    }
}
