<?php

declare(strict_types=1);

namespace Vestibra\Blocks\PageDescription;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;

/** The words about a category, collection, brand or tag. Without any it is not there. */
final readonly class PageDescriptionBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'page-description',
            'Page description',
            Shelf::Show,
            [
            ],
            searchWords: 'words text category introduction',
            onCards: false,
            subjects: SubjectKind::LISTINGS,
            narrow: true,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $text = $context->assortment()->description;

        return $text === ''
            ? Composed::absent("this {$context->subject->kind()->one()} has no description")
            : Composed::shown(['text' => $text]);
    }
}
