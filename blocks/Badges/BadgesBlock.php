<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Badges;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Price;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Several;

final readonly class BadgesBlock implements BlockKind
{
    public function definition(): Definition
    {
        return new Definition(
            'badges',
            'Badges',
            Shelf::Show,
            [
                Setting::what(
                    'badges',
                    'Badges',
                    new Several(['sale' => 'on sale', 'new' => 'new', 'low' => 'few left', 'out' => 'sold out']),
                    ['sale', 'new', 'low', 'out'],
                ),
                Setting::what('newDays', 'New for', new Amount(1, 365, 'days'), 30),
                Setting::sourced('lowStock', 'Few are', new Amount(1, 99, ''), 5),
            ],
            searchWords: 'sale new label flag',
            messages: ['badge'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::box('badge', 'Badges', '.badge')->asChief(),
                Piece::box('sale', 'On sale', '.badge.badge-sale'),
                Piece::box('fresh', 'New', '.badge.badge-new'),
                Piece::box('low', 'Few left', '.badge.badge-low'),
                Piece::box('out', 'Sold out', '.badge.badge-out'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $badges = array_intersect_key([
            'sale' => $this->sale($context),
            'new' => $this->isNew($context, $settings->amount('newDays')) ? $context->messages->say('badge.new') : null,
            'low' => $this->low($context, $settings->amount('lowStock')),
            'out' => $context->chosen()->variant?->isInStock() === false ? $context->messages->say('badge.out') : null,
        ], array_flip($settings->several('badges')));
        $badges = array_filter($badges, static fn (?string $words): bool => $words !== null);

        $added = $context->product()->addedAt?->getTimestamp();
        $old = $added === null || ! in_array('new', $settings->several('badges'), true)
            ? null
            : $added + $settings->amount('newDays') * 86_400;

        return (
            $badges === [] ? Composed::absent('no badge fits this product') : Composed::shown(['badges' => $badges])
        )->until($old);
    }

    private function sale(Context $context): ?string
    {
        $variant = $context->chosen()->variant;
        if ($variant === null || ! $variant->isOnSale($context->now)) {
            return null;
        }

        return $context->messages
            ->say('badge.sale', ['percent' => Price::of($variant, $context->now)->savingPercent()]);
    }

    private function isNew(Context $context, int $days): bool
    {
        $added = $context->product()->addedAt;

        return $added !== null && $context->now->getTimestamp() - $added->getTimestamp() < $days * 86_400;
    }

    private function low(Context $context, int $few): ?string
    {
        $stock = $context->chosen()->variant?->stock;

        return $stock !== null && $stock > 0 && $stock <= $few
            ? $context->messages->say('badge.low', ['left' => $stock])
            : null;
    }
}
