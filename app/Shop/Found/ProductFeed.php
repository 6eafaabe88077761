<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Found;

use DateTimeImmutable;
use DateTimeInterface;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Catalogue\FactValue;
use Vestibra\Core\Pages\PageKind;

/**
 * The products of the shop as an open feed, the newest first: Atom (RFC 4287), a page at a time (RFC 5005, section 3).
 */
final readonly class ProductFeed
{
    private const PAGE = 50;

    public function __construct(private ShopMessages $messages)
    {
    }

    public function page(int $page): string
    {
        $total = (int) Product::query()->published()->count();
        $page = max(1, min($page, (int) ceil($total / self::PAGE)));
        $rows = Product::query()->published()->toBase()->orderByDesc('added_at')->orderBy('id')->forPage(
            $page,
            self::PAGE,
        )->get(['id', 'slug', 'title', 'short_description', 'added_at']);
        $shop = config()->string('vestibra.shop');
        $at = static fn (int $number): string => ShopAddress::of('/feed.atom').($number > 1 ? "?page=$number" : '');
        $links = ['alternate' => ShopAddress::of('/'), 'self' => $at($page), 'first' => $at(1)]
            + ($page > 1 ? ['previous' => $at($page - 1)] : [])
            + ($page * self::PAGE < $total ? ['next' => $at($page + 1)] : []);
        // After RFC 4151: it stays when the product's address changes.
        $host = (string) parse_url(ShopAddress::base(), PHP_URL_HOST);
        $entries = '';
        foreach ($rows as $row) {
            $address = e(ShopAddress::of(PageAddresses::address(PageKind::Product, $row->slug)));
            $words = FactValue::plain($row->short_description);
            $entries .= '<entry><id>'.e(ShopAddress::of("/p/$row->id")).'</id><title>'.self::text(
                $row->title,
            )."</title><link rel=\"alternate\" href=\"$address\"/><published>".self::instant(
                $row->added_at,
            ).'</published><updated>'.self::instant($row->added_at).'</updated>'
                .($words === '' ? '' : '<summary>'.self::text($words).'</summary>')."</entry>\n";
        }

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".'<feed xmlns="http://www.w3.org/2005/Atom" '
            .'xml:lang="'.$this->messages->live()->language().'"><id>'.e(ShopAddress::of(
                '/feed.atom',
            )).'</id><title>'.self::text($shop).'</title><author><name>'.self::text($shop).'</name></author>'
            .'<updated>'.self::instant($rows[0]->added_at ?? '1970-01-01 00:00:00').'</updated>'
            .implode(
                '',
                array_map(
                    static fn (string $rel, string $address): string => "<link rel=\"$rel\" href=\"".e($address).'"/>',
                    array_keys($links),
                    $links,
                ),
            )."\n$entries</feed>";
    }

    /** What XML cannot hold is left out. */
    private static function text(string $words): string
    {
        return e((string) preg_replace(
            '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u',
            '',
            mb_scrub($words),
        ));
    }

    private static function instant(string $stored): string
    {
        return (new DateTimeImmutable($stored.'Z'))->format(DateTimeInterface::RFC3339);
    }
}
