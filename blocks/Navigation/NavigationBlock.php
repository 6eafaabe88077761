<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Navigation;

use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PictureData;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Alike;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Links;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Numbers;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * The ways through the shop. What lies beneath opens as a panel (WAI-ARIA Authoring Practices, disclosure navigation),
 * and all of it as a drawer where there is little room.
 *
 * @phpstan-type Entry array{name: string, address: string, picture: array<string, mixed>|null, current: bool, on: bool,
 *     beneath: list<array<string, mixed>>, all: bool}
 */
final readonly class NavigationBlock implements BlockKind
{
    /** Entries in a row; of more, the rest is reached through the page of all products. */
    private const MOST = 24;

    /** How wide an entry with a picture is, in pixels, as its style sheet says. */
    private const PICTURE = 124;

    /** Entries in a panel; of more, the rest is reached through the page that they stand beneath. */
    private const MOST_BENEATH = 18;

    public function definition(): Definition
    {
        return new Definition(
            'navigation',
            'Navigation',
            Shelf::More,
            [
                Setting::what(
                    'from',
                    'Leads to',
                    new Choice([
                        'categories' => 'the categories',
                        'collections' => 'collections picked here',
                        'links' => 'links written here',
                    ]),
                    'categories',
                ),
                Setting::what('top', 'Those beneath', new Numbered('category', 'none: from the top'), null)
                    ->while('from', 'categories'),
                Setting::what('collections', 'Collections', new Numbers('collection', self::MOST), [])
                    ->while('from', 'collections'),
                Setting::what('links', 'Links', new Links, [])->while('from', 'links'),
                Setting::what('all', 'And to all products', new Toggle, true)
                    ->while('from', 'categories', 'collections'),
                Setting::what('opens', 'What lies beneath opens', new Toggle, true)
                    ->while('from', 'categories', 'links'),
                Setting::what('pictures', 'With pictures in what opens', new Toggle, false)
                    ->while('from', 'categories'),
                Setting::what(
                    'drawer',
                    'Behind a button',
                    new Choice(['phone' => 'on the phone', 'always' => 'always', 'never' => 'never']),
                    'phone',
                ),
                Setting::words('label', 'Words on the button', new Text(30), 'nav.menu'),
                Setting::words('name', 'Its name for those who listen', new Text(40), 'nav.label'),
                Setting::how('gap', 'Between entries', new StepOfScale, '--navigation-gap'),
                Setting::how(
                    'stand',
                    'Entries stand',
                    new Choice([
                        'flex-start' => 'left', 'center' => 'centred', 'flex-end' => 'right',
                        'space-between' => 'spread',
                    ]),
                    '--navigation-stand',
                ),
            ],
            searchWords: 'menu categories header links drawer panel',
            onCards: false,
            messages: ['nav', 'top'],
            wordsMayStay: true,
            pieces: [
                Piece::pressed('entry', 'Entries', '.navigation-entry > a')->asChief(),
                Piece::pressed('open', 'Button of the drawer', '.navigation-open')->withLines(),
                Piece::pressed('more', 'Button that opens', '.navigation-more'),
                Piece::box('panel', 'Panel', '.navigation-panel')->withLines(),
                Piece::link('beneath', 'Entries in it', '.navigation-panel a'),
                Piece::picture('picture', 'Pictures', '.navigation-panel img'),
                Piece::pressed('close', 'Way to close the drawer', '.navigation-close'),
            ],
            alike: new Alike,
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $entries = match ($settings->text('from')) {
            'collections' => self::collections($settings, $context),
            'links' => self::links($settings),
            default => self::categories($settings, $context),
        };
        if ($entries !== [] && $settings->text('from') !== 'links' && $settings->bool('all')) {
            $isAll = $context->subject->kind() === SubjectKind::AllProducts;
            $entries[] = self::entry($context->messages->say('top.all'), '/all', $isAll, $isAll);
        }

        return $entries === []
            ? Composed::absent(match ($settings->text('from')) {
                'collections' => 'no collections are picked that customers can see',
                'links' => 'no links yet',
                default => 'there are no categories yet',
            })
            : Composed::shown([
                'entries' => $entries,
                'label' => $settings->named('label'),
                'name' => $settings->named('name'),
                'drawer' => $settings->text('drawer'),
                'pictured' => $settings->bool('pictures'),
            ]);
    }

    /** @return list<Entry> */
    private static function categories(Settings $settings, Context $context): array
    {
        $tree = $context->categories;
        // A category that is gone leaves the way to all of them.
        $from = $settings->number('top');
        $top = array_slice(
            $tree->children($from === null || $tree->category($from) === null ? null : $from),
            0,
            self::MOST,
        );
        $here = $context->subject->kind() === SubjectKind::Category ? $context->subject->id() : null;
        $above = $here === null ? [] : array_map(static fn (Category $one): int => $one->id, $tree->path($here));
        $beneath = [];
        foreach ($settings->bool('opens') ? $top : [] as $category) {
            $beneath[$category->id] = $tree->children($category->id);
        }
        $shown = array_map(static fn (array $some): array => array_slice($some, 0, self::MOST_BENEATH), $beneath);
        $pictures = $settings->bool('pictures')
            ? $context->shop->picturesOf(
                'category',
                array_map(static fn (Category $one): int => $one->id, array_merge(...array_values($shown), ...[[]])),
            )
            : [];
        $entry = static fn (Category $one): array => self::entry(
            $one->name,
            $context->addresses->category($one->slug),
            $one->id === $here,
            in_array($one->id, $above, true),
            self::picture($pictures[$one->id] ?? null, $context),
        );

        return array_map(
            static fn (Category $one): array => [
                'beneath' => array_map($entry, $shown[$one->id] ?? []),
                'all' => count($beneath[$one->id] ?? []) > self::MOST_BENEATH,
            ]
                + $entry($one),
            $top,
        );
    }

    /** @return list<Entry> */
    private static function collections(Settings $settings, Context $context): array
    {
        $here = $context->subject->kind() === SubjectKind::Collection
            ? $context->addresses->subject($context->subject)
            : null;

        return array_map(
            static fn (array $one): array =>
                self::entry($one['name'], $one['address'], $one['address'] === $here, $one['address'] === $here),
            $context->shop->shelves('collection', $settings->ids('collections')),
        );
    }

    /** @return list<Entry> */
    private static function links(Settings $settings): array
    {
        $entries = $beneath = [];
        foreach (array_filter($settings->links('links'), static fn (array $line): bool => $line['words'] !== ''
            && $line['link'] !== '') as $line) {
            $entry = self::entry($line['words'], $line['link']);
            if ($line['under'] && $entries !== [] && $settings->bool('opens')) {
                $beneath[count($entries) - 1][] = $entry;
            } else {
                $entries[] = $entry;
            }
        }

        return array_map(
            static fn (array $entry, int $at): array => ['beneath' => $beneath[$at] ?? []] + $entry,
            $entries,
            array_keys($entries),
        );
    }

    /** @return array<string, mixed>|null */
    private static function picture(?Picture $picture, Context $context): ?array
    {
        return $picture === null ? null : PictureData::of(
            $picture,
            $context->addresses,
            Place::fixed(self::PICTURE),
        );
    }

    /**
     * @param  array<string, mixed>|null  $picture
     * @return Entry
     */
    private static function entry(
        string $name,
        string $address,
        bool $current = false,
        bool $on = false,
        ?array $picture = null,
    ): array {
        return [
            'name' => $name, 'address' => $address, 'picture' => $picture, 'current' => $current, 'on' => $on,
            'beneath' => [], 'all' => false,
        ];
    }
}
