<?php

declare(strict_types=1);

namespace Vestibra\Tests\Core\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Catalogue\WebAddress;
use Vestibra\Tests\Core\Blocks\Pages;

/** Files as customers are told of them, and addresses that a link may lead to. */
final class ShopFileTest extends TestCase
{
    #[DataProvider('sizes')]
    public function test_a_size_is_said_by_thousands(int $bytes, string $words): void
    {
        self::assertSame($words, (new ShopFile(1, 'a.pdf', 'a', 'application/pdf', $bytes))->size(Pages::messages()));
    }

    /** @return iterable<string, array{int, string}> */
    public static function sizes(): iterable
    {
        yield 'small' => [999, '999 bytes'];
        yield 'a thousand' => [1000, '1 kB'];
        yield 'rounded' => [12_500, '13 kB'];
        yield 'just under a million' => [999_499, '999 kB'];
        yield 'what would round to 1000 kB' => [999_500, '1 MB'];
        yield 'large' => [2_345_000, '2.3 MB'];
    }

    public function test_an_ending_is_said_in_capitals(): void
    {
        self::assertSame(
            ['PDF', 'GZ', ''],
            array_map(
                static fn (string $name): string => (new ShopFile(1, $name, 'a', '', 1))->ending(),
                ['Care leaflet.pdf', 'a.tar.gz', 'README'],
            ),
        );
    }

    #[DataProvider('addresses')]
    public function test_an_address_is_good_or_not(string $address, bool $good): void
    {
        self::assertSame($good, WebAddress::isGood($address));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function addresses(): iterable
    {
        yield 'a page of the shop' => ['/c/inks?sort=new', true];
        yield 'the front page' => ['/', true];
        yield 'https' => ['https://larkfold.example/ink', true];
        yield 'capitals' => ['HTTPS://larkfold.example', true];
        yield 'mail' => ['mailto:hello@larkfold.example', true];
        yield 'telephone' => ['tel:+44 20 7946 0000', true];
        yield 'nothing' => ['', false];
        yield 'words' => ['inks', false];
        yield 'a script' => ['javascript:alert(1)', false];
        yield 'another server without saying so' => ['//elsewhere.example', false];
        yield 'the same with a backslash' => ['/\\elsewhere.example', false];
        yield 'a space' => ['/c/my inks', false];
        yield 'no server' => ['https:///x', false];
        yield 'as long as can be' => ['/'.str_repeat('a', 499), true];
        yield 'too long' => ['/'.str_repeat('a', 500), false];
        yield 'no Unicode' => ["/\xff", false];
    }
}
