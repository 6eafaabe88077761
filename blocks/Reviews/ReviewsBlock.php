<?php

declare(strict_types=1);

namespace Vestibra\Blocks\Reviews;

use Vestibra\Core\Composing\BlockKind;
use Vestibra\Core\Composing\Composed;
use Vestibra\Core\Composing\Context;
use Vestibra\Core\Composing\OwnHeading;
use Vestibra\Core\Composing\Settings;
use Vestibra\Core\Composing\Structured\Said;
use Vestibra\Core\Composing\Structured\SaysOfPage;
use Vestibra\Core\Composing\Structured\StructuredPart;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Shelf;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Types\Amount;
use Vestibra\Core\Templates\Types\Choice;
use Vestibra\Core\Templates\Types\Text;
use Vestibra\Core\Templates\Types\Toggle;

final readonly class ReviewsBlock implements BlockKind, SaysOfPage
{
    public function definition(): Definition
    {
        return new Definition(
            'reviews',
            'Reviews',
            Shelf::Reassure,
            [
                Setting::words('title', 'Title', new Text(80), 'reviews.title'),
                OwnHeading::setting(),
                Setting::what('most', 'At most', new Amount(1, 100, ''), 10),
                Setting::what(
                    'sort',
                    'Order',
                    new Choice(['newest' => 'newest first', 'highest' => 'best first', 'lowest' => 'worst first']),
                    'newest',
                ),
                Setting::what('form', 'Form to write one', new Toggle, true),
                Setting::what(
                    'none',
                    'Without reviews',
                    new Choice(['absent' => 'leave it out', 'form' => 'show the form alone']),
                    'absent',
                ),
            ],
            searchWords: 'stars opinions write form',
            onCards: false,
            messages: ['reviews'],
            wordsMayStay: true,
            headingLevel: 2,
            subjects: [SubjectKind::Product],
            pieces: [
                Piece::letters('title', 'Heading', '.reviews-title'),
                Piece::link('order', 'Orders', '.reviews-order a'),
                Piece::letters('ordered', 'Order that is on', '.reviews-order strong'),
                Piece::box('review', 'Reviews', 'ul > li'),
                Piece::letters('stars', 'Stars', '.reviews-stars'),
                Piece::letters('author', 'Names', '.reviews-head strong'),
                Piece::letters('day', 'Small words', '.reviews-day'),
                Piece::letters('words', 'Words', '.reviews-words'),
                Piece::pressed('write', 'Write one', '.reviews-write summary'),
                Piece::box('field', 'Fields', '.reviews-write :is(input:not([type=radio]), textarea)')->withLines(),
                Piece::pressed('send', 'Button', '.reviews-write button'),
            ],
        );
    }

    public function compose(Settings $settings, Context $context, array $children): Composed
    {
        $product = $context->product();
        $sort = $settings->text('sort');
        $reviews = $product->reviewCount === 0 ? [] : $context->shop->reviews($sort, $settings->amount('most'));
        if ($reviews === [] && ($settings->text('none') === 'absent' || ! $settings->bool('form'))) {
            return Composed::absent('nothing to show: this product has no reviews');
        }

        return Composed::shown([
            'title' => $settings->text('title'),
            ...OwnHeading::of($settings),
            'reviews' => $reviews,
            'all' => $product->reviewCount,
            'sort' => $context->shop->reviewOrder() ?? $sort,
            'orders' => ['newest', 'highest', 'lowest'],
            'form' => $settings->bool('form') ? $context->addresses->product($product->slug).'/reviews' : null,
            'page' => $context->addresses->product($product->slug),
        ]);
    }

    public function says(Composed $composed, Context $context): array
    {
        $reviews = [];
        foreach (is_array($composed->data['reviews']) ? $composed->data['reviews'] : [] as $one) {
            if (is_array($one)) {
                $reviews[] = [
                    '@type' => 'Review',
                    'author' => ['@type' => 'Person', 'name' => $one['author'] ?? ''],
                    'reviewRating' => [
                        '@type' => 'Rating',
                        'ratingValue' => $one['stars'] ?? 0,
                        'bestRating' => 5,
                        'worstRating' => 1,
                    ],
                ]
                    + (($one['words'] ?? '') === '' ? [] : ['reviewBody' => $one['words']]);
            }
        }

        return $reviews === [] ? [] : [Said::of($context->subject, StructuredPart::Reviews, $reviews)];
    }
}
