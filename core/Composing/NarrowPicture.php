<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\PictureChoice;

/**
 * Another picture in the place of one that does not suit a narrow screen.
 *
 * @phpstan-import-type PictureSource from PictureData
 *
 * @api
 */
final readonly class NarrowPicture
{
    /** @return list<Setting> */
    public static function settings(): array
    {
        return [
            Setting::what('narrowPicture', 'Another when narrow', new PictureChoice, null),
            Setting::what('narrowOn', 'which stands', new Choice(
                ['phone' => 'on the phone', 'tablet' => 'on tablet and phone'],
            ), 'phone'),
        ];
    }

    /**
     * @return array{sources: list<PictureSource>, focus: string}|null
     */
    public static function of(Settings $settings, Context $context, Place $place): ?array
    {
        $picture = $settings->picture('narrowPicture');
        if ($picture === null) {
            return null;
        }
        $on = $settings->text('narrowOn') === 'tablet' ? Width::Tablet : Width::Phone;

        return [
            'sources' => PictureData::narrow($picture, $context->addresses, $place, $on),
            'focus' => "$on->value-focus-x$picture->focusX $on->value-focus-y$picture->focusY",
        ];
    }
}
