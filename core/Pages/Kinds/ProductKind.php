<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages\Kinds;

use Vestibra\Core\Pages\Essential;
use Vestibra\Core\Pages\KindOfPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SubjectKind;

/** @internal */
final readonly class ProductKind implements KindOfPage
{
    public function kind(): PageKind
    {
        return PageKind::Product;
    }

    public function subject(): SubjectKind
    {
        return SubjectKind::Product;
    }

    public function rules(): array
    {
        return [
            'category' => ['isIn', 'isExactly', 'hasNone'],
            'brand' => ['isOneOf', 'isNoneOf', 'hasNone'],
            'tag' => ['hasAnyOf', 'hasAllOf', 'hasNoneOf'],
            'collection' => ['isIn'],
            'product' => ['isOneOf'],
            'price' => ['atLeast', 'atMost', 'between'],
            'sale' => ['isOn', 'isOff'],
            'stock' => ['isIn', 'isOut', 'atMost'],
            'option' => ['offers', 'offersValue'],
            'fact' => ['isFilled', 'isEmpty', 'isOneOf', 'hasAnyOf', 'atLeast', 'atMost', 'between'],
            'rating' => ['atLeast', 'hasReviews', 'hasNone'],
            'reviews' => ['atLeast', 'atMost'],
            'added' => ['withinDays', 'before', 'since'],
            'title' => ['contains'],
            'picture' => ['atLeast', 'atMost'],
            'variants' => ['atLeast', 'atMost'],
            'description' => ['isFilled', 'isEmpty'],
        ];
    }

    public function named(): array
    {
        return ['product.isOneOf'];
    }

    public function essentials(): array
    {
        return [Essential::Title, Essential::Price, Essential::Buy];
    }
}
