<?php

declare(strict_types=1);

namespace Vestibra\Core\Selling;

/**
 * An order that customers can choose for a list of products. Equals stand by their number, the older first. What has
 * no price stands last by price, what is not rated last by rating, what is not cheaper by now last by saving.
 *
 * The database has the same order, held against this one on generated shops.
 *
 * @api
 */
enum ListSort: string
{
    case Newest = 'new';
    case Title = 'title';
    case Cheap = 'cheap';
    case Dear = 'dear';
    case Rated = 'rated';
    case Saving = 'saving';

    /** @return int below zero where the one comes before the other */
    public function compare(ListedProduct $one, ListedProduct $other): int
    {
        return match ($this) {
            self::Newest => $other->addedAt <=> $one->addedAt,
            self::Title => $one->titleOrder <=> $other->titleOrder,
            self::Cheap => self::last($one->price, $other->price) ?? $one->price <=> $other->price,
            self::Dear => self::down($one->price, $other->price),
            self::Rated => self::down($one->rating(), $other->rating())
                ?: self::down($one->reviews, $other->reviews),
            self::Saving => self::down($one->saving, $other->saving),
        } ?: $one->id <=> $other->id;
    }

    /** The greater first; what has none last. */
    private static function down(int|float|null $one, int|float|null $other): int
    {
        return self::last($one, $other) ?? $other <=> $one;
    }

    /** @return int|null null where both have something, or neither */
    private static function last(int|float|null $one, int|float|null $other): ?int
    {
        return ($one === null) === ($other === null) ? null : ($one === null ? 1 : -1);
    }
}
