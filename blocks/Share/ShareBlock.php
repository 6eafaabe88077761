<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Share;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Core\Templates\Types\Text;

final readonly class ShareBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'share',
            'Share',
            Shelf::Reassure,
            [
                Setting::what(
                    'ways',
                    'Ways',
                    new Several(
                        ['letter' => 'by e-mail', 'copy' => 'copy the address', 'device' => 'the device’s own sharing'],
                    ),
                    ['letter', 'copy', 'device'],
                ),
                Setting::words('before', 'Words before', new Text(40), 'share.before'),
            ],
            searchWords: 'link e-mail copy recommend',
            onCards: false,
            messages: ['share'],
            wordsMayStay: true,
            pieces: [
                Piece::link('way', 'Ways', ':is(a, button)'),
                Piece::letters('before', 'Words before', '[data-words=before]'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $ways = $settings->several('ways');

        return $ways === [] ? Composed::absent('no way to share is chosen') : Composed::shown([
            'before' => $settings->text('before'),
            'ways' => $ways,
            'title' => $context->subject->title(),
            'address' => $context->addresses->subject($context->subject),
        ]);
    }
}
