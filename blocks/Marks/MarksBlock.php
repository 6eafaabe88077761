<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Marks;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Icons;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class MarksBlock implements BlockKind
{
    private const MARKS = [
        'card' => 'Cards',
        'bank' => 'Bank transfer',
        'bill' => 'On account',
        'lock' => 'Encrypted checkout',
        'van' => 'Tracked delivery',
        'return' => 'Returns accepted',
        'hand' => 'Packed by hand',
        'leaf' => 'Paper packaging',
        'gift' => 'Gift wrapping',
    ];

    public function definition(): Definition
    {
        return new Definition(
            'marks',
            'Strip of marks',
            Shelf::Reassure,
            [
                Setting::what('marks', 'Marks', new Several(self::MARKS), []),
                Setting::what('words', 'With words', new Toggle, true),
                Setting::how(
                    'align',
                    'Stand',
                    new Choice(['flex-start' => 'left', 'center' => 'centred', 'flex-end' => 'right']),
                    'justify-content',
                ),
            ],
            searchWords: 'payment trust card bank secure',
            messages: ['marks'],
            pieces: [
                Piece::drawing('mark', 'Marks', 'svg'),
                Piece::letters('words', 'Words', 'li > span'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $marks = array_map(
            static fn (string $mark): array => ['icon' => Icons::svg($mark), 'says' => "marks.$mark"],
            $settings->several('marks'),
        );

        return $marks === []
            ? Composed::absent('no marks chosen')
            : Composed::shown(['marks' => $marks, 'words' => $settings->bool('words')]);
    }
}
