<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Filters;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\StepOfScale;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

/** Holds filters: one below another or side by side; on the phone they come as a sheet. */
final readonly class FiltersBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'filters',
            'Filters',
            Shelf::Choose,
            [
                Setting::words('title', 'Title', new Text(60), 'filters.title'),
                Setting::what('sheet', 'As a sheet on the phone', new Toggle, true),
                Setting::how(
                    'direction',
                    'Filters stand',
                    new Choice(['column' => 'one below another', 'row' => 'side by side']),
                    '--filters-direction',
                ),
                Setting::how('gap', 'Between filters', new StepOfScale, '--filters-gap'),
            ],
            Role::Block,
            Role::Block,
            starters: [new Starter('Filters', ['kind' => 'filters', 'children' => array_map(
                static fn (string $by): array => ['kind' => 'filter', 'what' => ['by' => $by]],
                ['category', 'price', 'brand', 'rating', 'stock', 'sale'],
            )])],
            searchWords: 'narrow facets price brand colour size sheet phone group',
            onCards: false,
            messages: ['filter', 'filters'],
            subjects: SubjectKind::LISTINGS,
            wordsMayStay: true,
            followsList: true,
            pieces: [
                Piece::letters('title', 'Title', '.filters-title'),
                Piece::pressed('open', 'Button on the phone', '.filters-open')->withLines(),
                Piece::pressed('show', 'Button of the sheet', '.filters-show')->withLines(),
                Piece::link('clear', 'Clear', '.filters-clear'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $listed = $context->listed();

        return Composed::holding($children, 'empty: put a filter here', [
            'title' => $settings->named('title'),
            'sheet' => $settings->bool('sheet'),
            'on' => count($listed->narrowed->chips),
            'clear' => $listed->narrowed->clear,
            'total' => $listed->total,
        ]);
    }
}
