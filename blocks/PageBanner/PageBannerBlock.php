<?php

declare(strict_types=1);

namespace Vestibra\Blocks\PageBanner;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\NarrowPicture;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\PictureChoice;
use Vestibra\Core\Templates\Types\Toggle;

/** The page's own picture, or one that is chosen here where it has none, with its name and words over it. */
final readonly class PageBannerBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'page-banner',
            'Page banner',
            Shelf::Show,
            [
                Setting::sourced('picture', 'Picture', new PictureChoice, ['source' => 'page.picture']),
                ...NarrowPicture::settings(),
                Setting::what('title', 'With the page’s title', new Toggle, true),
                Setting::what('words', 'With its words', new Toggle, true),
                Setting::how('height', 'At least high', new Amount(80, 900), '--banner-min'),
                Setting::how('screen', 'or of the screen', new Amount(0, 100, 'vh'), '--banner-screen'),
                Setting::how('tint', 'Tint over the picture', new Colour, '--banner-tint'),
                Setting::how('tintStrength', 'Strength', new Amount(0, 100, '%'), '--banner-tint-strength'),
                Setting::how(
                    'align',
                    'Words stand',
                    new Choice(['start' => 'left', 'center' => 'centred', 'end' => 'right']),
                    '--banner-align',
                ),
            ],
            searchWords: 'hero header picture title category collection',
            onCards: false,
            subjects: SubjectKind::LISTINGS,
            essential: Essential::Title,
            essentialWhile: ['title' => true],
            pieces: [
                Piece::letters('title', 'Title', 'h1'),
                Piece::letters('words', 'Words', '.page-banner-words p'),
                Piece::picture('picture', 'Picture', '.page-banner-picture'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $picture = $settings->picture('picture');
        $one = $context->assortment();
        $title = $settings->bool('title') ? $one->title() : '';
        $words = $settings->bool('words') ? $one->description : '';

        return $picture === null && $title === '' && $words === ''
            ? Composed::absent($settings->nothing('picture', 'no picture is chosen'))
            : Composed::shown([
                'picture' => $picture === null ? null : PictureData::of(
                    $picture,
                    $context->addresses,
                    $settings->outer(),
                ),
                'narrow' => NarrowPicture::of($settings, $context, $settings->outer()),
                'title' => $title,
                'words' => $words,
            ]);
    }
}
