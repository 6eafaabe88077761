<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\PictureChoice;

/**
 * Another picture in the place of one that does not suit a narrow screen.
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

    /** @return array{media: string, small: string, large: string, width: int, height: int, focus: string}|null */
    public static function of(Settings $settings, Context $context): ?array
    {
        $picture = $settings->picture('narrowPicture');
        if ($picture === null) {
            return null;
        }
        $on = $settings->text('narrowOn') === 'tablet' ? Width::Tablet : Width::Phone;

        return [
            'media' => (string) $on->media(),
            'small' => $context->addresses->picture($picture, 400),
            'large' => $context->addresses->picture($picture, 800),
            'width' => $picture->width,
            'height' => $picture->height,
            'focus' => "$on->value-focus-x$picture->focusX $on->value-focus-y$picture->focusY",
        ];
    }
}
