<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ResultCount;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;

/** Which of the page's products stand on it, and how many there are. */
final readonly class ResultCountBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'result-count',
            'How many products',
            Shelf::More,
            [
            ],
            searchWords: 'count results number list',
            onCards: false,
            messages: ['list'],
            subjects: SubjectKind::LISTINGS,
            followsList: true,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $listed = $context->listed();

        return $listed->total === 0 ? Composed::absent('there are no products here') : Composed::shown([
            'from' => $listed->from(),
            'number' => $context->messages->number($listed->from()),
            'to' => $listed->to(),
            'total' => $listed->total,
            'all' => $listed->pages === 1,
        ]);
    }
}
