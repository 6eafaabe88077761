<?php

declare(strict_types=1);

namespace Vestibra\App\Shop\Found;

use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Pages\Sql\ShownPages;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Shop\Found\Sql\SitemapPictures;
use Vestibra\Core\Pages\PageKind;

/**
 * The pages of the shop for search engines (sitemaps.org protocol 0.9): an index, and parts of at most 50,000 pages,
 * with the pictures of products (Google's extension for images). What filters and searches find is no page of its own.
 */
final readonly class Sitemaps
{
    public const MOST = 50_000;

    private const AT_ONCE = 1_000;

    private const PICTURES = 10;

    private const HEAD = '<?xml version="1.0" encoding="UTF-8"?>'."\n";

    public function __construct(private PagesOfTheShop $pages)
    {
    }

    public function index(): string
    {
        $parts = ['pages'];
        foreach (array_keys(PageAddresses::paths()) as $kind) {
            for ($part = 1; $part <= (int) ceil($this->count($kind) / self::MOST); $part++) {
                $parts[] = "$kind-$part";
            }
        }

        return self::HEAD.'<sitemapindex xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">'."\n"
            .implode(
                '',
                array_map(
                    static fn (string $part): string =>
                        '<sitemap><loc>'.e(ShopAddress::of("/sitemaps/$part.xml"))."</loc></sitemap>\n",
                    $parts,
                ),
            ).'</sitemapindex>';
    }

    /** @return iterable<string>|null its text, bit by bit; null when there is no such part */
    public function part(string $name): ?iterable
    {
        if ($name === 'pages') {
            return $this->written([array_map(
                static fn (array $page): array => [$page[0], []],
                array_values(array_diff_key(PageAddresses::singles(), [PageKind::NotFound->value => true])),
            )]);
        }
        [$kind, $number] = [...explode('-', $name), '0'];

        return isset(PageAddresses::paths()[$kind])
            && ctype_digit($number)
            && (int) $number >= 1
            && (int) $number <= (int) ceil($this->count($kind) / self::MOST)
            ? $this->written($this->pagesOf($kind, ((int) $number - 1) * self::MOST))
            : null;
    }

    private function count(string $kind): int
    {
        $pages = $this->pages->get($kind);

        return (int) ShownPages::count($pages);
    }

    /** @return iterable<list<array{string, list<string>}>> addresses with those of their pictures, some at a time */
    private function pagesOf(string $kind, int $from): iterable
    {
        $pages = $this->pages->get($kind);
        $last = $from === 0 ? 0 : (int) ShownPages::at($pages, $from);
        for ($written = 0; $written < self::MOST; $written += self::AT_ONCE) {
            $rows = ShownPages::after($pages, self::AT_ONCE, $last);
            if ($rows === []) {
                return;
            }
            $ids = array_column($rows, 'id');
            $last = (int) end($ids);
            $pictures = $this->pictures($kind, $ids);
            yield array_map(
                static fn (object $row): array => [
                    PageAddresses::address(PageKind::from($kind), (string) ($row->slug ?? '')),
                    $pictures[$row->id ?? 0] ?? [],
                ],
                $rows,
            );
        }
    }

    /**
     * @param  array<int, int>  $ids
     * @return array<int, list<string>>
     */
    private function pictures(string $kind, array $ids): array
    {
        $list = implode(',', $ids);
        $pictures = [];
        foreach (SitemapPictures::of($kind, $list, $this->pages->get($kind)) as $row) {
            if (count($pictures[$row->id] ?? []) < self::PICTURES) {
                $pictures[$row->id][] = "/pictures/$row->file-800.webp";
            }
        }

        return $pictures;
    }

    /**
     * @param  iterable<array<array{string, list<string>}>>  $pages
     * @return iterable<string>
     */
    private function written(iterable $pages): iterable
    {
        yield self::HEAD.'<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9" '
            .'xmlns:image="http://www.google.com/schemas/sitemap-image/1.1">'."\n";
        foreach ($pages as $some) {
            $text = '';
            foreach ($some as [$address, $pictures]) {
                $text .= '<url><loc>'.e(ShopAddress::of($address)).'</loc>'.implode(
                    '',
                    array_map(
                        static fn (string $picture): string =>
                            '<image:image><image:loc>'.e(ShopAddress::of($picture)).'</image:loc></image:image>',
                        $pictures,
                    ),
                )."</url>\n";
            }
            yield $text;
        }
        yield '</urlset>';
    }
}
