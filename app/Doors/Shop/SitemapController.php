<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Records\Settings\ShopAddress;
use Vestibra\App\Shop\Found\ProductFeed;
use Vestibra\App\Shop\Found\Sitemaps;

/** What machines read of the shop: which pages there are, where they may go, and what is new. */
final readonly class SitemapController
{
    private const XML = ['Content-Type' => 'application/xml; charset=utf-8'];

    public function __construct(private Sitemaps $sitemaps)
    {
    }

    /** After RFC 9309. What filters find is not closed here: an engine has to see that it is not to be listed. */
    public function robots(): Response
    {
        return new Response(
            "User-agent: *\nDisallow: /studio\nDisallow: /cart\nDisallow: /checkout\nDisallow: /look/\nDisallow: "
                ."/search/suggestions\n\nSitemap: ".ShopAddress::of('/sitemap.xml')."\n",
            200,
            ['Content-Type' => 'text/plain; charset=utf-8'],
        );
    }

    public function index(): Response
    {
        return new Response($this->sitemaps->index(), 200, self::XML);
    }

    public function show(string $sitemap): StreamedResponse
    {
        $parts = $this->sitemaps->part($sitemap) ?? abort(404);

        return new StreamedResponse(static function () use ($parts): void {
            foreach ($parts as $part) {
                echo $part;
            }
        }, 200, self::XML);
    }

    public function feed(ProductFeed $feed, Request $request): Response
    {
        return new Response($feed->page(Asked::page($request)), 200, [
            'Content-Type' => 'application/atom+xml; charset=utf-8',
        ]);
    }
}
