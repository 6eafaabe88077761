<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Paging;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Listed;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;

/** The way to the other pages of the products. Where there is one page it is not there. */
final readonly class PagingBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'paging',
            'Paging',
            Shelf::More,
            [
                Setting::what(
                    'way',
                    'As',
                    new Choice(['numbers' => 'numbers', 'more' => '“more”, which adds below']),
                    'numbers',
                ),
                Setting::words('more', 'Words on “more”', new Text(40), 'list.more')->while('way', 'more'),
                Setting::how(
                    'align',
                    'Stands',
                    new Choice(['flex-start' => 'left', 'center' => 'centred', 'flex-end' => 'right']),
                    '--paging-align',
                ),
            ],
            searchWords: 'pages next before numbers more load',
            onCards: false,
            messages: ['list'],
            subjects: SubjectKind::LISTINGS,
            followsList: true,
            wordsMayStay: true,
            pieces: [
                Piece::pressed('page', 'Pages', 'a')->when(PieceState::Chosen, 'a[aria-current]')->asChief(),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $listed = $context->listed();

        return $listed->pages < 2 ? Composed::absent('all products stand on one page') : Composed::shown([
            'way' => $settings->text('way'),
            'more' => $settings->named('more'),
            'page' => $listed->page,
            'before' => $listed->page > 1 ? $listed->address($listed->page - 1) : null,
            'next' => $listed->page < $listed->pages ? $listed->address($listed->page + 1) : null,
            'numbers' => self::numbers($listed),
        ]);
    }

    /**
     * @return list<array{number: int, address: string}|null> the first, the last and those around the page; null where
     *     some are left out
     */
    private static function numbers(Listed $listed): array
    {
        $numbers = [];
        $last = 0;
        foreach (array_unique(
            [1, ...range(max(1, $listed->page - 2), min($listed->pages, $listed->page + 2)), $listed->pages],
        ) as $number) {
            if ($numbers !== [] && $number > $last + 1) {
                $numbers[] = null;
            }
            $numbers[] = ['number' => $number, 'address' => $listed->address($number)];
            $last = $number;
        }

        return $numbers;
    }
}
