<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Description;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;

final readonly class DescriptionBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'description',
            'Description',
            Shelf::Show,
            [
            ],
            searchWords: 'full text details story',
            subjects: [SubjectKind::Product],
            narrow: true,
            pieces: [
                Piece::letters('heading', 'Headings', ':is(h2, h3, h4)'),
                Piece::letters('strong', 'Strong words', ':is(strong, b)'),
                Piece::link('link', 'Links', 'a'),
                Piece::box('cell', 'Cells of tables', ':is(td, th)')->withLines(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $html = $context->product()->description;

        return $html === '' ? Composed::absent('this product has no description') : Composed::shown(['html' => $html]);
    }
}
