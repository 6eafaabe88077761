<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Band;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\FilmData;
use Vestibra\Core\Composing\HeadingLevels;
use Vestibra\Core\Composing\NarrowPicture;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\DividesRoom;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Sequence;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Order;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class BandBlock implements BlockKind, DividesRoom
{
    /** How wide a picture repeats where nobody says it. */
    private const PATTERN = 400;

    public function definition(): Definition
    {
        return new Definition(
            'band',
            'Band',
            Shelf::Arrange,
            [
                Setting::sourced('picture', 'Picture behind', new PictureChoice, null),
                ...NarrowPicture::settings(),
                Setting::what('film', 'Film behind', new Numbered('film'), null),
                Setting::what(
                    'fit',
                    'The picture',
                    new Choice(['cover' => 'covers the band', 'pattern' => 'repeats at its own size']),
                    'cover',
                ),
                Setting::what('patternWidth', 'so wide', new Amount(16, 1200), self::PATTERN)->while('fit', 'pattern'),
                Setting::what('still', 'Stays still on scrolling', new Toggle, false),
                Setting::how('tint', 'Tint over the picture', new Colour, '--band-tint'),
                Setting::how('tintStrength', 'Strength', new Amount(0, 100, '%'), '--band-tint-strength'),
                Setting::how('width', 'Width', new Choice(
                    ['content' => 'content width', 'full' => 'full width'],
                    ['content' => 'var(--content-width)', 'full' => 'none'],
                ), '--band-width', 'content-width'),
                Setting::how('most', 'At most so wide', new Amount(200, 3000), '--band-most'),
                Setting::how('minHeight', 'At least high', new Amount(0, 2000), '--band-min'),
                Setting::how('minScreen', 'or of the screen', new Amount(0, 100, 'vh'), '--band-min-screen'),
                Setting::how('stack', 'Columns', new Choice(
                    ['row' => 'side by side', 'column' => 'one below another', 'column-reverse' => 'the last on top'],
                ), '--band-stack'),
                Setting::arranged(
                    Sequence::SETTING,
                    'Order of its blocks',
                    new Order('> .band-inner', '> .column-inner'),
                ),
                Setting::how('gap', 'Between columns', new StepOfScale, '--band-gap'),
                Setting::how('align', 'Columns stand', new Choice(
                    ['stretch' => 'as high as the row', 'flex-start' => 'at the top', 'center' => 'in the middle'],
                ), '--band-align'),
            ],
            Role::Band,
            Role::Column,
            [
                self::starter('Band, one column', 1),
                self::starter('Band, 1 : 1', 1, 1),
                self::starter('Band, 3 : 2', 3, 2),
                self::starter('Band, 1 : 2', 1, 2),
                self::starter('Band, 3 : 7', 3, 7),
                self::starter('Band, 1 : 1 : 1', 1, 1, 1),
            ],
            'row section strip columns',
            messages: ['film'],
            pieces: [
                Piece::pressed('stop', 'Film’s button', '> .band-film-stop')->withLines(),
            ],
            alike: new Alike(unless: ['film']),
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $picture = $settings->picture('picture');
        $film = $context->files[$settings->number('film') ?? 0] ?? null;
        $wide = self::patternWidth($settings->amount('patternWidth'), $picture);

        return Composed::shown([
            'picture' => $picture === null ? null : PictureData::of($picture, $context->addresses, $settings->outer()),
            'film' => $film === null ? null : FilmData::of($film, $context, $settings->outer()),
            'narrow' => NarrowPicture::of($settings, $context, $settings->outer()),
            'fit' => $settings->text('fit'),
            'patternWidth' => $wide,
            'pattern' => $picture === null
                ? ''
                : $context->addresses->picture($picture, $picture->sizeFor(2 * $wide, PictureSizes::ON_PHONES)),
            'still' => $settings->bool('still'),
            HeadingLevels::HEADED => false,
        ]);
    }

    public function roomOf(Node $node, ?Node $child, Place $inside, HouseStyle $house): Place
    {
        return $child === null ? $inside : (new Columns($node, $house))->roomOf($child, $inside);
    }

    /** A small picture is not made larger unless somebody says so. */
    private static function patternWidth(int $wanted, ?Picture $picture): int
    {
        return $wanted === self::PATTERN ? min($wanted, $picture->width ?? $wanted) : $wanted;
    }

    /** @param  array<array-key, int>  $shares */
    private static function drawing(array $shares): string
    {
        [$left, $room, $gap] = [4.0, 64.0, 3.0];
        $free = $room - $gap * (count($shares) - 1);
        $columns = '';
        foreach ($shares as $share) {
            $width = round($free * $share / array_sum($shares), 1);
            $columns .= "<rect x=\"$left\" y=\"11\" width=\"$width\" height=\"26\" rx=\"2\"/>";
            $left = round($left + $width + $gap, 1);
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 72 48" fill="none" stroke="currentColor" '
            .'stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round">'
            .$columns.'<path d="M4 5h64M4 43h64" stroke-dasharray="2 4"/></svg>';
    }

    private static function starter(string $name, int ...$shares): Starter
    {
        return new Starter($name, ['kind' => 'band', 'children' => array_map(
            static fn (int $share): array => $share === 1
                ? ['kind' => 'column']
                : ['kind' => 'column', 'how' => ['desktop' => ['share' => $share]]],
            $shares,
        )], self::drawing($shares));
    }
}
