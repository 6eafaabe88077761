<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Beneath;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Box;
use Vestibra\Core\Composing\Places\Breadth;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Shop;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * Ways on to other lists: the categories right beneath the one of the page, or categories, collections or brands that
 * are picked. Where there are none it is not there.
 *
 * @phpstan-import-type Shelf from Shop as ShelfOfShop
 */
final readonly class BeneathBlock implements BlockKind
{
    private const MOST = 24;

    public function definition(): Definition
    {
        return new Definition(
            'beneath',
            'Ways to other lists',
            Shelf::More,
            [
                Setting::what(
                    'from',
                    'Shows',
                    new Choice([
                        'beneath' => 'the categories beneath', 'category' => 'categories picked here',
                        'collection' => 'collections picked here', 'collections' => 'all collections',
                        'brand' => 'brands picked here',
                    ]),
                    'beneath',
                ),
                Setting::what('categories', 'Categories', new Numbers('category', self::MOST), [])
                    ->while('from', 'category'),
                Setting::what('collections', 'Collections', new Numbers('collection', self::MOST), [])
                    ->while('from', 'collection'),
                Setting::what('brands', 'Brands', new Numbers('brand', self::MOST), [])->while('from', 'brand'),
                Setting::what('most', 'At most', new Amount(1, self::MOST, ''), self::MOST),
                Setting::what('pictures', 'With their pictures', new Toggle, false),
                Setting::what('counts', 'With how many products', new Toggle, false),
                Setting::what('words', 'With their words', new Toggle, false),
                Setting::how('perRow', 'In a row, with pictures', new Amount(1, 8, ''), '--beneath-per-row'),
            ],
            searchWords: 'sub-categories children shelves navigation collections brands cards',
            onCards: false,
            pieces: [
                Piece::pressed('entry', 'Entries', 'a')->withLines()->asChief(),
                Piece::picture('picture', 'Pictures', '.beneath-picture'),
                Piece::letters('count', 'Counts', 'small'),
                Piece::letters('words', 'Words', '.beneath-words'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $from = $settings->text('from');
        $details = $settings->bool('pictures') || $settings->bool('counts') || $settings->bool('words');
        $shelves = match ($from) {
            'category' => $context->shop->shelves('category', $settings->ids('categories')),
            'collection' => $context->shop->shelves('collection', $settings->ids('collections')),
            'collections' => $context->shop->shelves('collection', null),
            'brand' => $context->shop->shelves('brand', $settings->ids('brands')),
            default => $context->shop->beneath($details),
        };

        $place = self::entry($settings, $context);

        return $shelves === []
            ? Composed::absent(match (true) {
                $from === 'collections' => 'there are no collections yet',
                $from !== 'beneath' => 'nothing is picked that customers can see',
                $context->subject->kind() === SubjectKind::Category => 'there are no categories beneath this one',
                default => 'there are no categories yet',
            })
            : Composed::shown([
                'links' => array_map(
                    static fn (array $one): array => self::link($one, $settings, $context, $place),
                    array_slice($shelves, 0, max(1, $settings->amount('most'))),
                ),
                'pictures' => $settings->bool('pictures'),
            ]);
    }

    /** How wide an entry with a picture is. */
    private static function entry(Settings $settings, Context $context): Place
    {
        $gap = Box::step(4, $context->house);

        return $settings->room()->map(static function (Breadth $room, Width $width) use ($settings, $gap): Breadth {
            $set = $settings->held('perRow', $width);
            $inARow = $width === Width::Phone ? 2 : (is_int($set) ? max(1, $set) : 4);

            return $room->less(($inARow - 1) * $gap)->times(1 / $inARow);
        });
    }

    /**
     * @param  ShelfOfShop  $shelf
     * @return array<string, mixed>
     */
    private static function link(array $shelf, Settings $settings, Context $context, Place $place): array
    {
        return [
            'name' => $shelf['name'],
            'address' => $shelf['address'],
            'words' => $settings->bool('words') ? $shelf['words'] : '',
            'count' => $settings->bool('counts') ? $shelf['products'] : null,
            'picture' => $shelf['picture'] === null ? null : PictureData::of(
                $shelf['picture'],
                $context->addresses,
                $place,
            ),
        ];
    }
}
