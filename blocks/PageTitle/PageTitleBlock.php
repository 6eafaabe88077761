<?php

declare(strict_types=1);

namespace Vestibra\Blocks\PageTitle;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\WordsRoom;

/** The name of what the page is about: a category, collection, brand or tag. */
final readonly class PageTitleBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'page-title',
            'Page title',
            Shelf::Show,
            [
                Setting::what('before', 'Words before it', new Text(60), ''),
                Setting::what(
                    'level',
                    'Heading level',
                    new Choice(OwnHeading::LEVELS),
                    'h1',
                ),
            ],
            searchWords: 'name heading category collection brand',
            onCards: false,
            subjects: [...SubjectKind::LISTINGS, SubjectKind::NotFound],
            essential: Essential::Title,
            room: new WordsRoom('text', 'title-size', 3),
            pieces: [
                Piece::letters('before', 'Words before', '[data-words=before]'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown([
            'before' => $settings->text('before'),
            'text' => $context->subject->title(),
            'level' => $settings->text('level'),
        ]);
    }
}
