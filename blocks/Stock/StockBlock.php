<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Stock;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class StockBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'stock',
            'Stock',
            Shelf::Choose,
            [
                Setting::what('bar', 'Bar', new Toggle, true),
                Setting::sourced('full', 'Full at', new Amount(1, 1000, ''), 20),
                Setting::sourced('low', 'Few are', new Amount(1, 99, ''), 5),
                Setting::words('in', 'When in stock', new Text(60), 'stock.in'),
                Setting::words('out', 'When sold out', new Text(60), 'stock.out'),
                Setting::words('outOne', 'With nothing to choose', new Text(60), 'stock.out-one'),
            ],
            searchWords: 'left few available bar level',
            messages: ['stock'],
            wordsMayStay: true,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('words', 'Words', 'p'),
                Piece::box('bar', 'Bar', '.stock-bar'),
                Piece::drawing('left', 'What is left', '.stock-left'),
                Piece::drawing('all', 'Behind it', '.stock-all'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $variant = $context->chosen()->variant;
        if ($variant === null) {
            return Composed::absent('this product has no variant');
        }
        $stock = $variant->stock === null ? null : max(0, $variant->stock);

        return Composed::shown([
            'words' => match (true) {
                $stock === 0 => $settings->text(isset($context->product()->variants[1]) ? 'out' : 'outOne'),
                $stock !== null && $stock <= $settings->amount('low') => $context->messages->say('stock.low', [
                    'left' => $stock,
                ]),
                default => $settings->text('in'),
            },
            'state' => $stock === 0 ? 'out' : ($stock !== null && $stock <= $settings->amount('low') ? 'low' : 'in'),
            'share' => $settings->bool('bar') && $stock !== null
                ? min(100, intdiv($stock * 100, $settings->amount('full')))
                : null,
        ]);
    }
}
