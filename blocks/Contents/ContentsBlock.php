<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Contents;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Shelf;

/** What is in the variant that is shown, as "50 ml". */
final readonly class ContentsBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'contents',
            'Contents',
            Shelf::Show,
            searchWords: 'size volume weight pieces',
            subjects: [SubjectKind::Product],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $contents = $context->variant()?->contents?->text() ?? '';

        return $contents === '' ? Composed::absent('nothing says what is in it') : Composed::shown(['text' => $contents]);
    }
}
