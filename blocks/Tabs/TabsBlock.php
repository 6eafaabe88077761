<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Tabs;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Role;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Starter;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;

final readonly class TabsBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'tabs',
            'Tabs',
            Shelf::Arrange,
            [
                Setting::how('as', 'Shown as', new Choice(
                    ['tabs' => 'tabs, one at a time', 'folds' => 'folds, one below another'],
                    ['tabs' => 'initial', 'folds' => 'var(--tabs-nothing,)'],
                ), '--tabs-folds'),
                Setting::how(
                    'align',
                    'Tabs stand',
                    new Choice(['flex-start' => 'left', 'center' => 'centred']),
                    '--tabs-align',
                ),
            ],
            role: Role::Block,
            accepts: Role::Tab,
            starters: [new Starter('Tabs', ['kind' => 'tabs', 'children' => [
                ['kind' => 'tab', 'what' => ['title' => 'Description'], 'children' => [['kind' => 'description']]],
                ['kind' => 'tab', 'what' => ['title' => 'Delivery'], 'children' => [['kind' => 'text']]],
            ]])],
            searchWords: 'panels sections accordion folds',
            onCards: false,
            pieces: [
                Piece::box('row', 'Row', '> .tabs-list')->withLines(),
                Piece::pressed('tab', 'Tabs', '> .tabs-list a')
                    ->when(PieceState::Chosen, '> .tabs-list a[aria-selected=true]')
                    ->withLines()
                    ->asChief(),
                Piece::pressed('fold', 'Headings of folds', '> .tab > .tab-title > .tab-fold')
                    ->when(PieceState::Chosen, '> .tab > .tab-title > .tab-fold[aria-expanded=true]'),
                Piece::box('panel', 'Panel', '> .tab > .tab-inner'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $tabs = [];
        foreach ($children as $child) {
            if ($child->absent === null) {
                $tabs[] = ['id' => $child->id, 'title' => $child->data['title'] ?? ''];
            }
        }

        return $tabs === [] ? Composed::absent('no tab has anything to show here') : Composed::shown(['tabs' => $tabs]);
    }
}
