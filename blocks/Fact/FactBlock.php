<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Fact;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Text;

/** One fact of the product, with words round it that vanish together with it. */
final readonly class FactBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'fact',
            'Fact',
            Shelf::Show,
            [
                Setting::what('fact', 'Fact', new Numbered('fact'), null),
                Setting::what('before', 'Words before it', new Text(60), ''),
                Setting::what('after', 'Words after it', new Text(60), ''),
                Setting::what('otherwise', 'Otherwise', new Text(120), ''),
            ],
            searchWords: 'value property detail attribute',
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('before', 'Words before', '[data-words=before]'),
                Piece::letters('after', 'Words after', '[data-words=after]'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $fact = $settings->number('fact');
        $value = $context->fact($fact)?->words($context->messages) ?? '';
        $otherwise = $settings->text('otherwise');

        return match (true) {
            $value !== '' => Composed::shown(
                ['before' => $settings->text('before'), 'value' => $value, 'after' => $settings->text('after')],
            ),
            $fact === null => Composed::absent('no fact is chosen'),
            $otherwise !== '' => Composed::shown(['before' => '', 'value' => $otherwise, 'after' => '']),
            default => Composed::absent('this product has no '.($context->shop->nameOf('fact', $fact) ?? 'such fact')),
        };
    }
}
