<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Filter;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\ListFilter;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Colour;
use Vestibra\Core\Templates\Types\Numbered;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/**
 * One way to narrow the products of the page. Where there is nothing to choose from it is not there.
 *
 * @phpstan-import-type Value from Values
 */
final readonly class FilterBlock implements BlockKind
{
    private const BY = [
        'category' => 'category', 'brand' => 'brand', 'tag' => 'tag', 'option' => 'an option', 'fact' => 'a fact',
        'price' => 'price',
        'rating' => 'rating', 'stock' => 'stock', 'sale' => 'sale', 'words' => 'words that customers type',
    ];

    public function definition(): Definition
    {
        return new Definition(
            'filter',
            'Filter',
            Shelf::Choose,
            [
                Setting::what('by', 'By', new Choice(self::BY), 'brand'),
                Setting::what('option', 'Option', new Numbered('option'), null)->while('by', 'option'),
                Setting::what('fact', 'Fact', new Numbered('filter-fact'), null)->while('by', 'fact'),
                Setting::what('inStock', 'Only variants in stock count', new Toggle, false)
                    ->while('by', 'option', 'price'),
                Setting::what('titled', 'With a title', new Toggle, true),
                Setting::what('title', 'Another title', new Text(60), '')->while('titled', true),
                Setting::what(
                    'as',
                    'As',
                    new Choice([
                        'boxes' => 'check boxes', 'one' => 'choices, one at a time', 'list' => 'drop-down',
                        'buttons' => 'buttons', 'swatches' => 'swatches', 'pictures' => 'pictures',
                    ]),
                    'boxes',
                )->while('by', 'category', 'brand', 'tag', 'option', 'fact', 'rating', 'stock', 'sale'),
                Setting::what('slider', 'With a slider', new Toggle, true)->while('by', 'price', 'fact'),
                Setting::what('counts', 'Say how many', new Toggle, true)
                    ->while('by', 'category', 'brand', 'tag', 'option', 'fact', 'rating', 'stock', 'sale'),
                Setting::what(
                    'nowhere',
                    'What leads nowhere',
                    new Choice(['out' => 'is left out', 'grey' => 'is greyed', 'last' => 'is greyed, and stands last']),
                    'out',
                )->while('by', 'category', 'brand', 'tag', 'option', 'fact', 'rating', 'stock', 'sale'),
                Setting::what(
                    'order',
                    'In the order',
                    new Choice([
                        'natural' => 'that is natural: small to large, A to Z',
                        'count' => 'of how many there are',
                        'name' => 'of their names',
                        'defined' => 'of the catalogue',
                    ]),
                    'natural',
                )->while('by', 'category', 'brand', 'tag', 'option', 'fact'),
                Setting::what('most', 'At first', new Amount(0, 50, ''), 8)
                    ->while('by', 'category', 'brand', 'tag', 'option', 'fact'),
                Setting::how('tick', 'Colour of ticks and dots', new Colour, '--filter-tick'),
                Setting::what(
                    'fold',
                    'Folds',
                    new Choice(['open' => 'open at first', 'closed' => 'closed at first', 'none' => 'not at all']),
                    'open',
                )->while('titled', true),
            ],
            starters: [
                new Starter('Filter', ['kind' => 'filter']),
                new Starter(
                    'Price filter',
                    ['kind' => 'filter', 'what' => ['by' => 'price']],
                    self::drawing('<path d="M8 26h56"/><circle cx="22" cy="26" r="5"/><circle cx="50" cy="26" r="5"/>'),
                ),
                new Starter(
                    'Option filter',
                    ['kind' => 'filter', 'what' => ['by' => 'option', 'as' => 'buttons']],
                    self::drawing(
                        '<rect x="8" y="20" width="16" height="12" rx="3"/><rect x="28" y="20" width="16" '
                            .'height="12" rx="3"/><rect x="48" y="20" width="16" height="12" rx="3"/>',
                    ),
                ),
            ],
            searchWords: 'narrow price brand colour size category tag rating stock sale fact range slider swatches '
                .'facets',
            onCards: false,
            messages: ['filter', 'filters', 'fact'],
            subjects: SubjectKind::LISTINGS,
            followsList: true,
            pieces: [
                Piece::letters('title', 'Title', '.filter-title'),
                Piece::letters('value', 'Values', '.filter-word'),
                Piece::letters('count', 'How many', '.filter-count'),
                Piece::pressed('button', 'Buttons', '.filter-button > span:not(.unseen)')->withLines()
                    ->when(PieceState::Hovered, '.filter-button:hover > span:not(.unseen)')
                    ->when(PieceState::Focused, '.filter-button:has(:focus-visible) > span:not(.unseen)')
                    ->when(PieceState::Pressed, '.filter-button:active > span:not(.unseen)')
                    ->when(PieceState::Chosen, '.filter-button:has(:checked) > span:not(.unseen)')
                    ->when(PieceState::Unavailable, '.filter-button.is-nowhere > span:not(.unseen)')
                    ->asChief(),
                Piece::drawing('swatch', 'Swatches', '.filter-swatch :is(svg, img)')
                    ->when(PieceState::Chosen, '.filter-swatch:has(:checked) :is(svg, img)')
                    ->withLines(),
                Piece::box('field', 'Fields', ':is(select, .filter-field)')->withLines(),
                Piece::letters('ends', 'Words at the fields', '.filter-ends span'),
                Piece::box('slider', 'Line of the slider', '.filter-slider'),
                Piece::box('between', 'Chosen part of it', '.filter-between'),
                Piece::box('thumb', 'Ends of the slider', '.filter-thumb')->withLines(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $by = $settings->text('by');
        $filter = self::filter($settings, $context->listed()->narrowed->filters);
        if ($filter === null) {
            return Composed::absent(self::without($settings));
        }
        $range = $filter->bounds !== null;
        [$values, $left, $called] = (new Values($settings, $context->messages->language()))->of($filter);
        $nothing = $filter->isOn() || $filter->sought !== '' || $by === 'words'
            ? null
            : self::nothing($filter, $values);
        if ($nothing !== null) {
            return Composed::absent("$filter->name is left out: $nothing");
        }
        $most = match (true) {
            in_array($by, ['rating', 'stock', 'sale'], true) => 0,
            $filter->sought !== '' => Values::SEEN_AT_ONCE,
            default => $settings->amount('most'),
        };
        [$first, $more] = $most === 0 || count($values) <= $most + 1
            ? [$values, []]
            : [array_slice($values, 0, $most), array_slice($values, $most)];
        $as = $settings->text('as');
        $lacking = self::lacking($as, $values);

        return Composed::shown([
            'key' => $filter->key,
            'name' => $filter->name,
            'title' => $settings->bool('titled')
                ? ($settings->text('title') !== '' ? $settings->text('title') : $filter->name)
                : '',
            'fold' => $settings->text('fold'),
            'on' => $filter->isOn(),
            'parameter' => $filter->parameter,
            'as' => match (true) {
                $by === 'words' => 'words',
                $range => 'range',
                $lacking !== null => 'buttons',
                default => $as,
            },
            'counts' => $settings->bool('counts'),
            'values' => $first,
            'more' => $more,
            'left' => $left,
            'find' => Values::areMany($filter),
            'sought' => $filter->sought,
            'called' => $called,
            'moreOpen' => array_filter($more, static fn (array $value): bool => $value['chosen']) !== [],
            'words' => $filter->words,
            'range' => $range ? Ends::of($filter, $context, $settings->bool('slider')) : null,
        ], $range ? null : $lacking);
    }

    /** Why there is nothing to narrow by. */
    private static function without(Settings $settings): string
    {
        return match ($settings->text('by')) {
            'option' => $settings->number('option') === null
                ? 'no option is chosen'
                : 'the option is no longer there',
            'fact' => $settings->number('fact') === null
                ? 'no fact is chosen'
                : 'the fact is no longer there, or is of a kind that is no filter',
            default => 'there are no products to narrow',
        };
    }

    /**
     * @param  list<Value>  $values
     * @return string|null why they are buttons, where they were to be something else
     */
    private static function lacking(string $as, array $values): ?string
    {
        $has = static fn (string $what): bool =>
            array_filter($values, static fn (array $value): bool => $value[$what] === null) === [];

        return match ($as) {
            'swatches' => $has('swatch') ? null : 'not every value has a colour, so they are buttons',
            'pictures' => $has('picture') ? null : 'not every value has a picture, so they are buttons',
            default => null,
        };
    }

    /** @param  array<string, ListFilter>  $filters */
    private static function filter(Settings $settings, array $filters): ?ListFilter
    {
        $keys = match ($settings->text('by')) {
            'option' => ['option.'.$settings->number('option')],
            'fact' => [
                'fact.'.$settings->number('fact'),
                'yes.'.$settings->number('fact'),
                'number.'.$settings->number('fact'),
            ],
            default => [$settings->text('by')],
        };

        return array_values(array_intersect_key($filters, array_flip($keys)))[0] ?? null;
    }

    /**
     * @param  list<array<string, mixed>>  $values  as far as they are shown
     * @return string|null why there is nothing to choose from
     */
    private static function nothing(ListFilter $filter, array $values): ?string
    {
        return match (true) {
            $filter->bounds !== null => $filter->bounds[0] === $filter->bounds[1]
                ? 'all products here have the same'
                : null,
            $filter->key === 'rating' => $filter->values === [] ? 'nothing here is rated' : null,
            $filter->values === [] => 'no product here has a value of it',
            count($filter->values) === 1 => "“{$filter->values[0]->label}” is its only value here",
            default => $values === [] ? 'nothing is left that it would lead to' : null,
        };
    }

    private static function drawing(string $mark): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 72 48" fill="none" stroke="currentColor" '
            .'stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round">'
            .'<path d="M8 10h24"/>'.$mark.'</svg>';
    }
}
