<?php

declare(strict_types=1);

namespace Vestibra\Blocks\NearestPages;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Text;

/** Pages whose names are near to an address that leads nowhere. */
final readonly class NearestPagesBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'nearest-pages',
            'Nearest names',
            Shelf::More,
            [
                Setting::words('title', 'Title', new Text(80), 'near.title'),
                OwnHeading::setting(),
                Setting::what('most', 'At most', new Amount(1, 12, ''), 5),
            ],
            searchWords: 'did you mean not found 404 suggestions',
            onCards: false,
            messages: ['near'],
            subjects: [SubjectKind::NotFound],
            wordsMayStay: true,
            headingLevel: 2,
            pieces: [
                Piece::letters('title', 'Title', '.nearest-title'),
                Piece::link('link', 'Links', 'li a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $nearest = $context->shop->nearest($settings->amount('most'));

        return $nearest === []
            ? Composed::absent('no name in the shop is near to the address')
            : Composed::shown([
                'title' => $settings->named('title'),
                'links' => $nearest,
                ...OwnHeading::of($settings),
            ]);
    }
}
