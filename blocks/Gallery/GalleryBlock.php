<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Gallery;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\PictureSizes;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\FilmData;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Address;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class GalleryBlock implements BlockKind, SaysOfPage
{
    /** Pictures that search engines are told of. */
    private const MOST_SAID = 6;

    /** Pictures chosen here. */
    private const MOST = 24;

    /** How wide the small pictures beside the stage are, in pixels, as the style sheet says. */
    private const THUMBS = 76.0;

    public function definition(): Definition
    {
        return new Definition(
            'gallery',
            'Gallery',
            Shelf::Show,
            [
                Setting::what('from', 'Shows', new Choice([
                    'product' => 'the product’s pictures',
                    'own' => 'pictures chosen here',
                ]), 'product'),
                Setting::what('pictures', 'Pictures', new Numbers('picture', self::MOST), [])->while('from', 'own'),
                Setting::what('films', 'Films of the fact', new Numbered('files-fact'), null)->while('from', 'product'),
                Setting::what('filmsStand', 'they stand', new Choice([
                    'second' => 'after the first picture',
                    'last' => 'after the last',
                ]), 'second')->while('from', 'product'),
                Setting::what('thumbs', 'Small pictures', new Choice([
                    'below' => 'below',
                    'left' => 'on the left',
                    'right' => 'on the right',
                    'none' => 'none',
                ]), 'below'),
                Setting::what('arrows', 'Arrows on the picture', new Toggle, false),
                Setting::what('zoom', 'A click enlarges', new Toggle, true),
                Setting::what('magnify', 'Under the pointer', new Choice([
                    'not' => 'it stays as it is',
                    'twice' => 'twice as large',
                    'thrice' => 'three times as large',
                ]), 'not'),
                Setting::how('shape', 'Shape', new Choice(
                    ['square' => 'square', 'tall' => 'tall, 4 : 5', 'wide' => 'wide, 4 : 3'],
                    ['square' => '1', 'tall' => '4 / 5', 'wide' => '4 / 3'],
                ), '--gallery-shape'),
            ],
            searchWords: 'pictures photos images thumbnails',
            onCards: false,
            messages: ['carousel', 'film', 'gallery'],
            subjects: array_values(array_filter(
                SubjectKind::cases(),
                static fn (SubjectKind $one): bool => $one !== SubjectKind::AnyPage,
            )),
            pieces: [
                Piece::picture('main', 'Main picture', '.gallery-stage')->limited()->asChief(),
                Piece::picture('picture', 'Pictures in it', '.gallery-stage img'),
                Piece::pressed('small', 'Small pictures', '.gallery-thumbs a')
                    ->when(PieceState::Chosen, '.gallery-thumbs a[aria-current]')
                    ->withLines(),
                Piece::pressed('arrow', 'Arrows', '.gallery-arrows button')->withLines(),
                Piece::picture('thumb', 'Pictures in those', '.gallery-thumbs img'),
                Piece::pressed('enlarge', 'Enlarge', '.gallery-enlarge')->withLines(),
                Piece::letters('none', 'Without pictures', '.gallery-stand-in'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $isOwn = $settings->text('from') === 'own';
        if (! $isOwn && ! $context->subject instanceof Product) {
            return Composed::absent(
                "this {$context->subject->kind()->one()} has no pictures of its own: choose them here",
            );
        }
        $pictures = $isOwn ? self::chosen($settings, $context) : self::ofProduct($context);
        if ($isOwn && $pictures === []) {
            return Composed::absent('no pictures are chosen');
        }
        $thumbs = $settings->text('thumbs');
        $beside = in_array($thumbs, ['left', 'right'], true) ? self::THUMBS + Box::step(3, $context->house) : 0.0;
        $place = $settings->room()->map(static fn (Breadth $room): Breadth => $room->less($beside));
        $shown = array_map(
            static fn (Picture $picture): array => ['film' => null]
                + PictureData::of($picture, $context->addresses, $place),
            $pictures,
        );
        $films = $isOwn ? [] : self::films($settings, $context, $place);
        array_splice($shown, $settings->text('filmsStand') === 'last' ? count($shown) : 1, 0, $films);

        return Composed::shown([
            'title' => $context->subject->title(),
            'thumbs' => $thumbs,
            'zoom' => $settings->bool('zoom'),
            'arrows' => $settings->bool('arrows'),
            'magnify' => ['twice' => 2, 'thrice' => 3][$settings->text('magnify')] ?? null,
            'pictures' => $shown,
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $pictures = $context->subject instanceof Product
            ? array_slice($context->subject->pictures, 0, self::MOST_SAID)
            : [];

        return $pictures === [] ? [] : [Said::of(
            $context->subject,
            StructuredPart::Images,
            array_map(
                static fn (Picture $picture): Address => new Address($context->addresses->picture($picture, 800)),
                $pictures,
            ),
        )];
    }

    /** @return list<Picture> that of the variant that is shown first */
    private static function ofProduct(Context $context): array
    {
        $pictures = $context->product()->pictures;
        $first = $context->chosen()->variant?->pictureId;
        if ($first !== null) {
            usort($pictures, static fn (Picture $a, Picture $b): int => ($b->id === $first) <=> ($a->id === $first));
        }

        return $pictures;
    }

    /** @return list<Picture> without those that are gone */
    private static function chosen(Settings $settings, Context $context): array
    {
        return array_values(array_filter(array_map(
            static fn (int $id): ?Picture => $context->pictures[$id] ?? null,
            $settings->ids('pictures'),
        )));
    }

    /** @return list<array<string, mixed>> those among the files of a fact that are films */
    private static function films(Settings $settings, Context $context, Place $place): array
    {
        $films = [];
        foreach ($context->fact($settings->number('films'))?->numbers() ?? [] as $id) {
            $file = $context->files[$id] ?? null;
            if ($file !== null && $file->isFilm()) {
                $films[] = [
                    'id' => "film-$file->id",
                    'film' => FilmData::of($file, $context, $place),
                    'alt' => pathinfo($file->name, PATHINFO_FILENAME),
                    'tiny' => self::tinyPoster($file, $context),
                ];
            }
        }

        return $films;
    }

    private static function tinyPoster(ShopFile $film, Context $context): ?string
    {
        $poster = $context->pictures[$film->posterId ?? 0] ?? null;

        return $poster === null ? null : $context->addresses->picture($poster, PictureSizes::ALL[0]);
    }
}
