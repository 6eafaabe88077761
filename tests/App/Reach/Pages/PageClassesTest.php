<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Reach\Pages;

use PHPUnit\Framework\TestCase;
use Vestibra\App\Reach\Pages\PageClasses;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;

/** A kind of page is a class, an address and a start: what was forgotten is named. */
final class PageClassesTest extends TestCase
{
    public function test_every_kind_with_an_address_is_found_and_the_other_way_round(): void
    {
        self::assertEqualsCanonicalizing(PageAddresses::names(), array_keys(PageClasses::BY_KIND));
    }

    public function test_the_core_knows_every_kind_that_the_shop_has(): void
    {
        foreach (PageAddresses::kinds() as $kind) {
            self::assertSame($kind, PageKinds::standard()->get($kind)->kind());
            self::assertNotSame('', Starts::usual($kind), "A shop begins with a start for $kind->value.");
            self::assertStringStartsWith('/', PageAddresses::address($kind, 'one'));
        }
    }

    public function test_what_begins_an_address_begins_no_other(): void
    {
        $begin = [
            ...array_values(PageAddresses::paths()),
            ...array_map(static fn (array $one): string => ltrim($one[0], '/'), PageAddresses::singles()),
            ...array_map(static fn (string $one): string => ltrim($one, '/'), PageAddresses::typed()),
        ];
        self::assertSame(count($begin), count(array_unique($begin)));
        self::assertSame('/c/a%20b', PageAddresses::address(PageKind::Category, 'a b'));
        self::assertSame('/search?q=a%26b', PageAddresses::address(PageKind::Search, 'a&b'));
        self::assertSame('/all', PageAddresses::address(PageKind::AllProducts, PageAddresses::ALL));
        self::assertSame('/brand/x', PageAddresses::address(PageKind::Header, 'brand/x'));
    }
}
