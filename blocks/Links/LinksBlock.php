<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Links;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Links;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Text;

/** Plain links under a heading of their own. */
final readonly class LinksBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'links',
            'Plain links',
            Shelf::More,
            [
                Setting::what('title', 'Heading', new Text(60), ''),
                Setting::what('links', 'Links', new Links, []),
                Setting::how(
                    'direction',
                    'They stand',
                    new Choice(['column' => 'one below another', 'row' => 'side by side']),
                    '--links-direction',
                ),
                Setting::how('gap', 'Between them', new StepOfScale, '--links-gap'),
            ],
            searchWords: 'list menu help contact footer addresses',
            onCards: false,
            messages: ['links'],
            pieces: [
                Piece::letters('title', 'Heading', '.links-title'),
                Piece::link('link', 'Links', 'li a')->asChief(),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $links = array_values(array_filter(
            $settings->links('links'),
            static fn (array $line): bool => $line['words'] !== '' && $line['link'] !== '',
        ));

        return $links === []
            ? Composed::absent('no links yet')
            : Composed::shown(['title' => $settings->text('title'), 'links' => $links]);
    }
}
