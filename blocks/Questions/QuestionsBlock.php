<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Questions;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;

final readonly class QuestionsBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'questions',
            'Questions and answers',
            Shelf::Reassure,
            [
                Setting::words('title', 'Title', new Text(80), 'questions.title')->staying(),
                OwnHeading::setting(),
            ],
            role: Role::Block,
            accepts: Role::Fold,
            starters: [new Starter('Questions and answers', ['kind' => 'questions', 'children' => [
                [
                    'kind' => 'fold',
                    'what' => ['title' => 'A question that customers ask?'],
                    'children' => [['kind' => 'text', 'what' => ['text' => 'Your answer, in a sentence or two.']]],
                ],
                [
                    'kind' => 'fold',
                    'what' => ['title' => 'And another one?'],
                    'children' => [['kind' => 'text', 'what' => ['text' => 'Your answer, in a sentence or two.']]],
                ],
            ]])],
            searchWords: 'faq ask help answers',
            onCards: false,
            messages: ['questions'],
            headingLevel: 2,
            pieces: [
                Piece::letters('title', 'Heading', '> .questions-title'),
                Piece::box('folds', 'Around the folds', '> .accordion')->withLines(),
                Piece::box('fold', 'Folds', '> .accordion > .fold')->withLines(),
                Piece::pressed('summary', 'Headings', '> .accordion > .fold > summary')
                    ->when(PieceState::Chosen, '> .accordion > .fold[open] > summary')
                    ->asChief(),
                Piece::box('answer', 'Inside', '> .accordion > .fold > .fold-inner'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'nothing in it shows here', [
            'title' => $settings->text('title'),
            ...OwnHeading::of($settings),
        ]);
    }
}
