<?php

declare(strict_types=1);

namespace Vestibra\Blocks\ShortDescription;

use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;

final readonly class ShortDescriptionBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'short-description',
            'Short description',
            Shelf::Show,
            [
            ],
            searchWords: 'summary teaser text',
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
        $html = $context->product()->shortDescription;

        return $html === ''
            ? Composed::absent('this product has no short description')
            : Composed::shown(['html' => $html]);
    }

    public function says(Composed $composed, Context $context): array
    {
        return [Said::of(
            $context->subject,
            StructuredPart::Description,
            FactValue::plain($context->product()->shortDescription),
        )];
    }
}
