<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Accordion;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;

final readonly class AccordionBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'accordion',
            'Accordion',
            Shelf::Arrange,
            [],
            role: Role::Block,
            accepts: Role::Fold,
            starters: [new Starter('Accordion', ['kind' => 'accordion', 'children' => [
                [
                    'kind' => 'fold',
                    'what' => ['title' => 'Description', 'open' => true],
                    'children' => [['kind' => 'description']],
                ],
                ['kind' => 'fold', 'what' => ['title' => 'Delivery'], 'children' => [['kind' => 'text']]],
            ]])],
            searchWords: 'fold disclosure sections',
            onCards: false,
            pieces: [
                Piece::box('fold', 'Folds', '> .fold')->withLines(),
                Piece::pressed('summary', 'Headings', '> .fold > summary')
                    ->when(PieceState::Chosen, '> .fold[open] > summary')
                    ->asChief(),
                Piece::box('answer', 'Inside', '> .fold > .fold-inner'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::holding($children, 'nothing in it shows here');
    }
}
