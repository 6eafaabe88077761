<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Marks;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Icons;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\Several;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * @phpstan-import-type Printed from PictureData
 */
final readonly class MarksBlock implements BlockKind
{
    private const MOST = 12;

    /** As its style sheet says, in pixels. */
    private const HEIGHT = 28;

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
                Setting::what('pictures', 'And pictures of your own', new Numbers('picture', self::MOST), []),
                Setting::what('words', 'With words', new Toggle, true),
                Setting::how('height', 'Height of the pictures', new Amount(12, 120), '--marks-height'),
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
                Piece::picture('picture', 'Pictures', 'img'),
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

        $pictures = $this->pictures($settings, $context);

        return $marks === [] && $pictures === []
            ? Composed::absent('no marks chosen')
            : Composed::shown(['marks' => $marks, 'pictures' => $pictures, 'words' => $settings->bool('words')]);
    }

    /** @return list<Printed> as high as they are shown, without those that are gone */
    private function pictures(Settings $settings, Context $context): array
    {
        $height = $settings->held('height', Width::Desktop);
        $height = is_int($height) ? $height : self::HEIGHT;
        $pictures = [];
        foreach ($settings->ids('pictures') as $id) {
            $picture = $context->pictures[$id] ?? null;
            if ($picture !== null) {
                $wide = Place::fixed($height * $picture->width / max(1, $picture->height));
                $pictures[] = PictureData::of($picture, $context->addresses, $wide);
            }
        }

        return $pictures;
    }
}
