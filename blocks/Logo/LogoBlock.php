<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Logo;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
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
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Text;

/** The shop's mark or name; it leads to the first page. */
final readonly class LogoBlock implements BlockKind
{
    /** As its style sheet says. */
    private const HEIGHT = 44;

    public function definition(): Definition
    {
        return new Definition(
            'logo',
            'Logo',
            Shelf::Show,
            [
                Setting::what('picture', 'Picture', new PictureChoice, null),
                Setting::what('name', 'Name, where it is not the shop’s', new Text(60), ''),
                Setting::how('height', 'Height of the picture', new Amount(16, 200), '--logo-height'),
            ],
            searchWords: 'brand mark name home shop',
            onCards: false,
            messages: ['top'],
            pieces: [
                Piece::link('name', 'Name', '.logo-name')->asChief(),
                Piece::picture('picture', 'Picture', 'img'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $picture = $settings->picture('picture');
        $name = $settings->text('name');

        return Composed::shown([
            'name' => $name === '' ? $context->shop->name() : $name,
            'picture' => $picture === null ? null : PictureData::of(
                $picture,
                $context->addresses,
                Place::fixed(self::height($settings) * $picture->width / max(1, $picture->height)),
            ),
        ]);
    }

    private static function height(Settings $settings): int
    {
        $height = $settings->held('height', Width::Desktop);

        return is_int($height) ? $height : self::HEIGHT;
    }
}
