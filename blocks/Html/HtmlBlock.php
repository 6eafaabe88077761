<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Html;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Html;

final readonly class HtmlBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'html',
            'HTML',
            Shelf::Say,
            [Setting::words('html', 'HTML', new Html(50_000), 'html.html')],
            searchWords: 'code markup',
            messages: ['html'],
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
        $html = $settings->markup('html');

        return $html === ''
            ? Composed::absent('nothing that shows is left when the HTML is made safe')
            : Composed::shown(['html' => $html]);
    }
}
