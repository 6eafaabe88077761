<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Composing;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\PriceChanges;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\Variant;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\Until;
use Vestibra\Core\Templates\Node;
use Vestibra\Tests\Core\Blocks\Pages;

/** Until when a composed page holds: London is on UTC in November, an hour ahead in June. */
final class UntilTest extends TestCase
{
    public function test_a_page_that_the_clock_does_not_change_holds_for_ever(): void
    {
        self::assertNull(Pages::compose(new Node('b', 'price'), Pages::ink())->until);
    }

    /** @param  array<string, mixed>  $node */
    #[DataProvider('blocks')]
    public function test_days_of_a_block_begin_at_midnight_and_end_after_it(
        array $node,
        string $now,
        ?string $until,
    ): void {
        $block = new Node('b', $node['kind'], $node['what'] ?? [], [], $node['when'] ?? []);
        $instant = Pages::compose($block, Pages::ink(), now: $now)->until;
        self::assertSame($until, $instant === null ? null : gmdate('Y-m-d H:i:s', $instant));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string|null}> */
    public static function blocks(): iterable
    {
        $days = static fn (?string $from, ?string $to): array =>
            ['kind' => 'title', 'when' => ['days' => ['from' => $from, 'to' => $to]]];
        yield 'before it begins' => [$days('2026-12-01', '2026-12-24'), '2026-11-24 12:00:00', '2026-12-01 00:00:00'];
        yield 'at the very instant' =>
            [$days('2026-12-01', '2026-12-24'), '2026-12-01 00:00:00', '2026-12-25 00:00:00'];
        yield 'after it has ended' => [$days('2026-12-01', '2026-12-24'), '2026-12-25 00:00:00', null];
        yield 'in summer time' => [$days('2026-06-01', null), '2026-05-01 12:00:00', '2026-05-31 23:00:00'];
        yield 'a countdown to a day' => [
            ['kind' => 'countdown', 'what' => ['to' => 'day', 'day' => '2026-11-27']],
            '2026-11-24 12:00:00',
            '2026-11-28 00:00:00',
        ];
        yield 'a countdown without a day' =>
            [['kind' => 'countdown', 'what' => ['to' => 'day']], '2026-11-24 12:00:00', null];
    }

    public function test_a_sale_that_begins_and_one_that_ends_are_seen_and_the_earlier_one_counts(): void
    {
        $product = self::product(
            new Variant(1, 'A', [], 900, 800, self::at('2026-12-05 00:00'), self::at('2026-12-20 00:00')),
            new Variant(2, 'B', [], 900, 700, null, self::at('2026-12-10 00:00')),
        );
        $until = static fn (string $now): ?int => Pages::compose(new Node('b', 'price'), $product, now: $now)->until;
        self::assertSame(self::at('2026-12-05 00:00')->getTimestamp(), $until('2026-12-01 00:00'));
        self::assertSame(self::at('2026-12-10 00:00')->getTimestamp(), $until('2026-12-05 00:00'));
        self::assertSame(self::at('2026-12-20 00:00')->getTimestamp(), $until('2026-12-10 00:00'));
        self::assertNull($until('2026-12-20 00:00'));
    }

    public function test_what_a_kind_says_of_itself_counts_too_also_where_it_is_absent(): void
    {
        $soon = self::at('2026-11-25 00:00')->getTimestamp();
        $page = static fn (?string $absent): ComposedNode =>
            new ComposedNode('p', 'page', [], [new ComposedNode('c', 'product-grid', [], [], $absent, until: $soon)]);
        $context = Pages::context(Pages::ink());
        self::assertSame($soon, Until::of(new Node('p', 'page'), $page(null), $context));
        self::assertSame($soon, Until::of(new Node('p', 'page'), $page('not today'), $context));
    }

    public function test_cards_hold_until_the_first_of_their_prices_changes(): void
    {
        $until = static fn (int ...$products): ?int => Pages::compose(
            new Node('b', 'product-grid', ['feed' => 'chosen', 'products' => array_values($products)]),
            Pages::bare(),
        )->until;
        self::assertSame(1_800_000_000, $until(1, 2, 3));
        self::assertSame(1_900_000_000, $until(2, 1));
        self::assertNull($until(1));
    }

    public function test_a_badge_is_new_until_the_product_is_too_old_for_it_and_only_where_new_is_wanted(): void
    {
        $product = new Product(7, 'ink', 'Ink', '', '', true, addedAt: self::at('2026-11-20 08:00'));
        $until = static fn (array $badges): ?int =>
            Pages::block(new Node('b', 'badges', ['badges' => $badges, 'newDays' => 10]), $product)->until;
        self::assertSame(self::at('2026-11-30 08:00')->getTimestamp(), $until(['new', 'sale']));
        self::assertNull($until(['sale']));
    }

    public function test_prices_change_next_when_any_sale_does(): void
    {
        $variants = [new Variant(1, 'A', [], 900, 800, self::at('2026-12-05 00:00')), new Variant(2, 'B', [], 900)];
        self::assertSame(
            self::at('2026-12-05 00:00')->getTimestamp(),
            PriceChanges::after($variants, self::at('2026-12-04 23:59')),
        );
        self::assertNull(PriceChanges::after($variants, self::at('2026-12-05 00:00')));
    }

    private static function product(Variant ...$variants): Product
    {
        return new Product(7, 'ink', 'Ink', '', '', true, variants: array_values($variants));
    }

    private static function at(string $instant): DateTimeImmutable
    {
        return new DateTimeImmutable("$instant UTC");
    }
}
