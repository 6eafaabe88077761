<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Price;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\PriceWords;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Price;
use Vestibra\Core\Selling\PriceRange;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;

final readonly class PriceBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'price',
            'Price',
            Shelf::Show,
            [
                Setting::what('saving', 'With a saving', new Choice([
                    'percent' => 'the per cent',
                    'amount' => 'the amount',
                    'both' => 'amount and per cent',
                    'none' => 'no words',
                ]), 'percent'),
                Setting::what('ranges', 'Before a choice', new Choice([
                    'chosen' => 'the chosen price',
                    'from' => '“from” the lowest',
                    'range' => 'lowest to highest',
                ]), 'chosen'),
                Setting::how(
                    'align',
                    'Stands',
                    new Choice(['flex-start' => 'left', 'center' => 'centred', 'flex-end' => 'right']),
                    'justify-content',
                ),
            ],
            searchWords: 'cost sale saving money',
            messages: ['price', 'measure', 'tax'],
            essential: Essential::Price,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('now', 'Now', '.price-now')->asChief(),
                Piece::letters('was', 'Was', '.price-was'),
                Piece::box('saving', 'Saving', '.price-saving'),
                Piece::letters('from', 'From', '.price-from'),
                Piece::letters('unit', 'Per unit', '.price-unit'),
                Piece::letters('tax', 'Tax', '.price-tax'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $range = PriceRange::of($context->product()->variants, $context->now);
        $variant = $context->chosen()->variant;
        if ($range === null || $variant === null) {
            return Composed::absent('no price: this product has no variant');
        }
        $ranges = $settings->text('ranges');
        $open = $ranges !== 'chosen' && ! $context->chosen()->byCustomer && ! $range->isOnePrice();
        $price = $open ? $range->lowest : Price::of($variant, $context->now);

        return Composed::shown([
            'now' => $context->money->format($price->now),
            'from' => $open && $ranges === 'from',
            'to' => $open && $ranges === 'range' ? $context->money->format($range->highest->now) : null,
            'was' => $price->isReduced() && ! $open ? $context->money->format($price->regular) : null,
            'saving' => $price->isReduced() && ! $open
                ? $this->saving($settings->text('saving'), $price, $context)
                : null,
            'unit' => $open ? null : PriceWords::unit($variant, $price->now, $context->money, $context->messages),
            'tax' => PriceWords::tax($context->money, $context->messages),
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $range = PriceRange::of($context->product()->variants, $context->now);
        $variant = $context->chosen()->variant;
        if ($range === null || $variant === null) {
            return [];
        }
        $currency = ['priceCurrency' => $context->money->currency];

        return [Said::of($context->subject, StructuredPart::Price, match (true) {
            $composed->data['to'] !== null => [
                '@type' => 'AggregateOffer',
                'lowPrice' => $context->money->decimal($range->lowest->now),
                'highPrice' => $context->money->decimal($range->highest->now),
            ],
            $composed->data['from'] === true => [
                '@type' => 'AggregateOffer',
                'lowPrice' => $context->money->decimal($range->lowest->now),
            ],
            default => [
                '@type' => 'Offer',
                'price' => $context->money->decimal(Price::of($variant, $context->now)->now),
            ],
        } + $currency)];
    }

    private function saving(string $how, Price $price, Context $context): ?string
    {
        $key = match ($how) {
            'percent' => $price->savingPercent() > 0 ? 'price.save-percent' : 'price.save',
            'amount' => 'price.save',
            'both' => 'price.save-both',
            default => null,
        };

        return $key === null ? null : $context->messages->say(
            $key,
            ['amount' => $context->money->format($price->saving()), 'percent' => $price->savingPercent()],
        );
    }
}
