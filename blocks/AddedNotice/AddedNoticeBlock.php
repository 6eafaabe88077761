<?php

declare(strict_types=1);

namespace Vestibra\Blocks\AddedNotice;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Text;

final readonly class AddedNoticeBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'added-notice',
            'Added notice',
            Shelf::Choose,
            [
                Setting::words('words', 'Words', new Text(120), 'notice.words'),
                Setting::words('label', 'Words on the way to the cart', new Text(60), 'notice.label'),
            ],
            searchWords: 'cart message confirm',
            onCards: false,
            messages: ['notice'],
            wordsMayStay: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::link('link', 'Link', 'a'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        return Composed::shown([
            'title' => $context->product()->title,
            'words' => $settings->text('words'),
            'label' => $settings->named('label'),
        ]);
    }
}
