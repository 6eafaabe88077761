<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Rating;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class RatingBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'rating',
            'Rating',
            Shelf::Reassure,
            [
                Setting::what('count', 'Number of reviews', new Toggle, true),
                Setting::what('none', 'Without reviews', new Choice([
                    'absent' => 'leave it out',
                    'words' => 'say “No reviews yet”',
                ]), 'absent'),
            ],
            searchWords: 'stars reviews score',
            messages: ['rating'],
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::drawing('full', 'Full stars', '.rating-on')->asChief(),
                Piece::drawing('empty', 'Empty stars', '.rating-off'),
                Piece::box('stars', 'Stars', '.rating-stars'),
                Piece::letters('words', 'Words', '.rating-words'),
                Piece::letters('none', 'Without reviews', '.rating-none'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();
        if ($product->reviewCount === 0) {
            return $settings->text('none') === 'words'
                ? Composed::shown(['average' => null])
                : Composed::absent('nothing to show: this product has no reviews');
        }
        $tenths = intdiv($product->starSum * 20 + $product->reviewCount, $product->reviewCount * 2);

        return Composed::shown([
            'average' => $context->messages->number($tenths / 10, 1),
            'percent' => $tenths * 2,
            'count' => $settings->bool('count') ? $product->reviewCount : null,
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $product = $context->product();

        return $composed->data['average'] === null || $composed->data['count'] === null
            ? []
            : [Said::of($context->subject, StructuredPart::Rating, [
                '@type' => 'AggregateRating',
                'ratingValue' => round($product->starSum / max(1, $product->reviewCount), 1),
                'reviewCount' => $product->reviewCount,
                'bestRating' => 5,
                'worstRating' => 1,
            ])];
    }
}
