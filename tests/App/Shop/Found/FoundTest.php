<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Shop\Found;

use DateTimeImmutable;
use DOMDocument;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Shop\Found\Sitemaps;
use Vestibra\Tests\App\TestCase;
use Vestibra\Tests\Core\Outside;

/** What search engines, and whoever shares a page, see of the shop. */
final class FoundTest extends TestCase
{
    private const INK = '/p/teal-tide-bottled-ink';

    public function test_structured_data_has_only_terms_of_schema_org_and_values_of_their_kinds(): void
    {
        DB::table('reviews')->insert([
            'product_id' => $this->id('products', 'Teal Tide bottled ink'),
            'stars' => 4,
            'author' => 'Wren </script><b>',
            'words' => 'Dries "fast".',
            'published' => true,
            'state' => 'read',
            'written_at' => '2026-11-01 10:00:00',
        ]);
        DB::update('update products set review_count = 3, star_sum = 13 where title = ?', ['Teal Tide bottled ink']);
        $template = $this->template('All of it', 'compact');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $this->publish($template);
        $said = [];
        foreach ([
            self::INK, '/p/kestrel-fountain-pen', '/p/gift-card', '/c/inks', '/c/inks?page=2',
            '/collection/everything-teal', '/brand/pellinray', '/tag/gift', '/all', '/',
        ] as $address) {
            array_push($said, ...$this->said($address));
        }
        $types = array_unique(array_column($said, '@type'));
        sort($types);

        self::assertSame(['BreadcrumbList', 'ItemList', 'Organization', 'Product', 'WebSite'], $types);
        self::assertSame(array_fill(0, count($said), []), Outside::ask('structured.mjs', $said));
        self::assertNotSame(
            [],
            Outside::ask(
                'structured.mjs',
                [['@context' => 'https://schema.org', '@type' => 'Product', 'nonsense' => 1]],
            )[0],
            'It does find what is none.',
        );
    }

    public function test_it_says_what_the_page_shows_and_nothing_beyond_it(): void
    {
        $template = $this->template('Plain', 'blank');
        $this
            ->edit($template, $this->reach([['product', 'isOneOf', [$this->id('products', 'Teal Tide bottled ink')]]]));
        $show = fn (string $kind): array => $this->shown($template, $kind);

        self::assertSame(
            [],
            $this->of($show('price'), 'Product'),
            'A page without the name of its product is about none.',
        );
        self::assertSame(
            ['@context', '@type', 'name', 'url', 'offers'],
            array_keys($this->of($show('title'), 'Product')),
        );
        $offer = $this->of($this->said(self::INK), 'Product')['offers'];
        self::assertSame(
            ['@type' => 'Offer', 'price' => '9.50', 'priceCurrency' => 'GBP'],
            array_diff_key($offer, ['url' => 1]),
        );
        foreach ([
            'from' => ['@type' => 'AggregateOffer', 'lowPrice' => '9.50'],
            'range' => ['@type' => 'AggregateOffer', 'lowPrice' => '9.50', 'highPrice' => '17.50'],
        ] as $ranges => $expected) {
            $this->edit($template, [
                'edit' => 'set', 'id' => 'hasprice', 'question' => 'what', 'setting' => 'ranges', 'value' => $ranges,
                'width' => 'desktop',
            ]);
            $this->publish($template);
            self::assertSame(
                $expected + ['priceCurrency' => 'GBP'],
                array_diff_key($this->of($this->said(self::INK), 'Product')['offers'], ['url' => 1]),
                'As the price is shown.',
            );
        }
        $offers = $this->of($show('variant-picker'), 'Product')['offers'];
        self::assertSame(
            [['LF-0001-01', '9.50'], ['LF-0001-02', '13.50'], ['LF-0001-03', '17.50']],
            array_map(static fn (array $one): array => [$one['sku'], $one['price']], $offers),
        );
        self::assertArrayNotHasKey('availability', $offers[0], 'Nothing on the page says whether it can be had.');
        self::assertSame(
            ['https://schema.org/InStock', 'https://schema.org/InStock', 'https://schema.org/OutOfStock'],
            array_column($this->of($show('buy'), 'Product')['offers'], 'availability'),
        );
        self::assertArrayNotHasKey('brand', $this->of($this->said(self::INK), 'Product'));
        self::assertSame(['@type' => 'Brand', 'name' => 'Ostrelve'], $this->of($show('brand'), 'Product')['brand']);
        self::assertSame([], $this->of($this->said(self::INK), 'BreadcrumbList'));
    }

    public function test_another_product_that_a_holder_shows_is_not_what_the_page_is_about(): void
    {
        $template = $this->template('Beside', 'blank');
        $this
            ->edit($template, $this->reach([['product', 'isOneOf', [$this->id('products', 'Teal Tide bottled ink')]]]));
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => [
                'id' => 'other',
                'kind' => 'holder',
                'what' => ['subject' => $this->id('products', 'Kestrel fountain pen')],
                'children' => [['id' => 'othertitle', 'kind' => 'title']],
            ],
        ]);
        $this->publish($template);

        self::assertSame([], $this->of($this->said(self::INK), 'Product'));
    }

    public function test_a_page_of_a_list_is_known_by_its_address_without_order_and_number(): void
    {
        $links = fn (string $address): array => $this->links($address);

        self::assertSame(
            ['canonical' => self::at().'/c/inks', 'next' => self::at().'/c/inks?page=2'],
            $links('/c/inks?sort=cheap&utm_source=x'),
        );
        self::assertSame(
            [
                'canonical' => self::at().'/c/inks?page=2',
                'prev' => self::at().'/c/inks',
                'next' => self::at().'/c/inks?page=3',
            ],
            $links('/c/inks?page=2'),
        );
        self::assertSame(
            ['canonical' => self::at().'/c/inks?page=3', 'prev' => self::at().'/c/inks?page=2'],
            $links('/c/inks?page=3'),
        );
        self::assertSame(['canonical' => self::at().self::INK], $links(self::INK.'?o[1]=2'));
        self::assertSame([], $links('/search?q=teal'));
        $this->get('/search?q=teal')->assertSee('<meta name="robots" content="noindex">', false)
            ->assertDontSee('ld+json')
            ->assertDontSee('og:title');
        $this->get('/c/inks')->assertDontSee('name="robots"', false);
    }

    public function test_a_template_has_title_words_and_picture_and_what_the_thing_itself_says_comes_first(): void
    {
        $template = $this->template('Named', 'gallery-and-buy');
        $this->edit($template, $this->reach([['category', 'isIn', [$this->id('categories', 'Bottled inks')]]]));
        $page = (string) $template->draft_tree['page']['id'];
        foreach ([
            'searchTitle' => ['source' => 'product.brand', 'otherwise' => 'Ink'],
            'searchDescription' => 'Ink & "more".',
            'socialPicture' => ['source' => 'product.other-picture'],
        ] as $setting => $value) {
            $this->edit($template, [
                'edit' => 'set', 'id' => $page, 'question' => 'what', 'setting' => $setting, 'value' => $value,
                'width' => 'desktop',
            ]);
        }
        $this->publish($template);
        $this->get(self::INK)->assertSee('<title>Ostrelve · Larkfold</title>', false)
            ->assertSee('<meta name="description" content="Ink &amp; &quot;more&quot;.">', false)
            ->assertSee('<meta property="og:title" content="Ostrelve">', false)
            ->assertSee('swatch-0f6f74-0f6f74-800.webp">', false);
        DB::update(
            "update products set search_title = 'The very ink', search_description = 'Its very words' where title = ?",
            ['Teal Tide bottled ink'],
        );
        $this->anew();
        $this->get(self::INK)
            ->assertSee('<title>The very ink · Larkfold</title>', false)
            ->assertSee('<meta name="description" content="Its very words">', false);
    }

    /** The schema is that of sitemaps.org, as npm sitemap ships it; pictures are Google's extension to it. */
    public function test_sitemaps_are_as_sitemaps_org_says(): void
    {
        $index = $this->xml('/sitemap.xml');
        self::assertSame(
            ['sitemapindex', 'http://www.sitemaps.org/schemas/sitemap/0.9'],
            [$index->documentElement?->localName, $index->documentElement?->namespaceURI],
        );
        $addresses = [];
        foreach ($index->getElementsByTagName('loc') as $place) {
            $part = $this->xml((string) parse_url($place->textContent, PHP_URL_PATH));
            foreach (iterator_to_array(
                $part->getElementsByTagNameNS('http://www.google.com/schemas/sitemap-image/1.1', 'image'),
            ) as $image) {
                self::assertMatchesRegularExpression(
                    '#^'.preg_quote(self::at()).'/pictures/[\w-]+-800\.webp$#',
                    $image->textContent,
                );
                $image->parentNode?->removeChild($image);
            }
            self::assertTrue(
                $part->schemaValidate(dirname(__DIR__, 4).'/node_modules/sitemap/schema/sitemap.xsd'),
                $place->textContent,
            );
            foreach ($part->getElementsByTagName('loc') as $page) {
                $addresses[] = $page->textContent;
            }
        }
        self::assertSame(count($addresses), count(array_unique($addresses)));
        self::assertSame(
            2 + (int) DB::scalar(
                'select (select count(*) from products where published = 1) + (select count(*) from categories) + '
                    .'(select count(*) from collections) + (select count(*) from brands) + (select count(*) from tags)',
            ),
            count($addresses),
        );
        DB::update('update products set published = 0 where title = ?', ['Teal Tide bottled ink']);
        self::assertStringNotContainsString(
            'teal-tide-bottled-ink',
            (string) $this->xml('/sitemaps/product-1.xml')->saveXML(),
        );
        foreach ([
            '/sitemaps/product-2.xml', '/sitemaps/product-0.xml', '/sitemaps/search-1.xml', '/sitemaps/nope.xml',
            '/sitemaps/product-99999999999999999999.xml',
        ] as $gone) {
            $this->get($gone)->assertNotFound();
        }
        self::assertSame(50_000, Sitemaps::MOST);
    }

    public function test_where_machines_may_go_is_said_as_rfc_9309_has_it(): void
    {
        $robots = (string) $this->get('/robots.txt')->assertOk()
            ->assertHeader('Content-Type', 'text/plain; charset=utf-8')
            ->getContent();

        self::assertStringContainsString("User-agent: *\nDisallow: /studio\n", $robots);
        self::assertStringContainsString('Sitemap: '.self::at().'/sitemap.xml', $robots);
        self::assertStringNotContainsString(
            '?',
            $robots,
            'An engine has to see that what filters find is not to be listed.',
        );
    }

    public function test_the_feed_is_atom_a_page_at_a_time(): void
    {
        DB::update(
            "update products set title = ?, short_description = '<p>A <b>&amp;</b> B</p>', added_at = '2026-11-30 "
                ."10:00:00' where title = ?",
            ["Ink & <b>\x0b", 'Teal Tide bottled ink'],
        );
        $feed = $this->xml('/feed.atom');
        $entries = $feed->getElementsByTagName('entry');

        self::assertSame(
            ['feed', 'http://www.w3.org/2005/Atom', 50],
            [$feed->documentElement?->localName, $feed->documentElement?->namespaceURI, $entries->length],
        );
        self::assertSame(
            ['Ink & <b>', 'A & B', '2026-11-30T10:00:00+00:00'],
            array_map(
                static fn (string $name): string =>
                    trim((string) $entries->item(0)?->getElementsByTagName($name)->item(0)?->textContent),
                ['title', 'summary', 'updated'],
            ),
        );
        $ids = [];
        foreach ($entries as $entry) {
            foreach (['id', 'title', 'updated', 'link'] as $needed) {
                self::assertSame(1, $entry->getElementsByTagName($needed)->length);
            }
            $ids[] = $entry->getElementsByTagName('id')->item(0)?->textContent;
            self::assertNotFalse(DateTimeImmutable::createFromFormat(
                DATE_RFC3339,
                (string) $entry->getElementsByTagName('updated')->item(0)?->textContent,
            ));
        }
        self::assertCount(50, array_unique($ids));
        $links = [];
        foreach ($this->xml('/feed.atom?page=2')->getElementsByTagName('link') as $link) {
            $links[$link->getAttribute('rel')] ??= $link->getAttribute('href');
        }
        self::assertSame(
            [self::at().'/feed.atom', self::at().'/feed.atom?page=3'],
            [$links['previous'], $links['next']],
        );
        $this->get('/feed.atom?page=-5')->assertOk();
        $this->get('/feed.atom?page[]=x')->assertOk();
        $this->get('/')->assertSee('type="application/atom+xml"', false);
    }

    /** @return list<array<string, mixed>> the structured data of a page with one more block */
    private function shown(Template $template, string $kind): array
    {
        $this->edit($template, [
            'edit' => 'insert',
            'parent' => $this->block($template, 'column'),
            'after' => null,
            'node' => ['id' => 'has'.str_replace('-', '', $kind), 'kind' => $kind],
        ]);
        $this->publish($template);

        return $this->said(self::INK);
    }

    /** @return list<array<string, mixed>> */
    private function said(string $address): array
    {
        $this->anew();
        preg_match_all(
            '#<script type="application/ld\+json"[^>]*>(.*?)</script>#s',
            (string) $this->get($address)->assertOk()->getContent(),
            $found,
        );

        return array_map(static function (string $text): array {
            $said = json_decode($text, true, flags: JSON_THROW_ON_ERROR);
            assert(is_array($said));

            return $said;
        }, $found[1]);
    }

    /**
     * @param  list<array<string, mixed>>  $said
     * @return array<string, mixed>
     */
    private function of(array $said, string $type): array
    {
        return array_values(array_filter($said, static fn (array $one): bool => $one['@type'] === $type))[0] ?? [];
    }

    /** @return array<string, string> */
    private function links(string $address): array
    {
        $this->anew();
        preg_match_all(
            '#<link rel="(canonical|prev|next)" href="([^"]*)">#',
            (string) $this->get($address)->assertOk()->getContent(),
            $found,
        );

        return array_combine($found[1], array_map(html_entity_decode(...), $found[2]));
    }

    private static function at(): string
    {
        return rtrim(url('/'), '/');
    }

    private function xml(string $address): DOMDocument
    {
        $answer = $this->get($address)->assertOk();
        $text = $answer->baseResponse instanceof StreamedResponse
            ? $answer->streamedContent()
            : (string) $answer->getContent();
        $xml = new DOMDocument;
        self::assertTrue($xml->loadXML($text), $address);

        return $xml;
    }
}
