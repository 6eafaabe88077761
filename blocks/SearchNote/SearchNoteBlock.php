<?php

declare(strict_types=1);

namespace Vestibra\Blocks\SearchNote;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;

/** How the words of a search were taken, where that is not as they were typed. */
final readonly class SearchNoteBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'search-note',
            'How the search was taken',
            Shelf::More,
            searchWords: 'did you mean spelling corrected nothing found',
            readsList: true,
            onCards: false,
            messages: ['search'],
            subjects: [SubjectKind::Query],
            narrow: true,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $said = $context->listed()->said;

        return match (true) {
            $said === null || $said->query === '' => Composed::absent('nothing was searched for'),
            $said->corrected === [] && $said->leftOut === [] => Composed::absent(
                'the words were taken as they were typed',
            ),
            $context->listed()->total === 0 => Composed::absent('nothing was found'),
            default => Composed::shown([
                'corrected' => array_map(
                    static fn (string $word, array $others): array => ['word' => $word, 'others' => $others],
                    array_keys($said->corrected),
                    $said->corrected,
                ),
                'leftOut' => $said->leftOut,
            ]),
        };
    }
}
