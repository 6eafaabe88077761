<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Vestibra\App\Doors\Middleware\Forgery;
use Vestibra\Tests\App\TestCase;

/** Whom and what the shop believes, and what it says about itself to browsers. */
final class DoorsTest extends TestCase
{
    public function test_a_file_keeps_the_sandbox_that_it_is_handed_out_in(): void
    {
        DB::table('files')->insert([
            'use' => 'download',
            'name' => 'Care.txt',
            'file' => 'care-0a1b2c3d4e5f.txt',
            'type' => 'text/plain',
            'bytes' => 4,
            'made_at' => now(),
        ]);
        file_put_contents(config()->string('vestibra.files').'/care-0a1b2c3d4e5f.txt', 'Care');
        $answer = $this->get('/files/care-0a1b2c3d4e5f.txt')->assertOk();

        self::assertSame(
            ["default-src 'none'; sandbox", 'nosniff'],
            [$answer->headers->get('Content-Security-Policy'), $answer->headers->get('X-Content-Type-Options')],
        );
    }

    public function test_the_way_to_another_page_does_not_repeat_what_a_request_says_of_its_host(): void
    {
        $headers = ['Host' => 'evil.example', 'Referer' => 'https://evil.example/trap'];
        foreach (['/studio/templates' => 'get', '/cart' => 'post', '/look/end' => 'post'] as $address => $method) {
            $location = (string) $this->withHeaders($headers)->$method($address)->headers->get('Location');
            self::assertMatchesRegularExpression('~^(/|http://127\.0\.0\.1:8000/)~', $location, $address);
        }
    }

    public function test_addresses_that_others_keep_come_from_the_settings_whatever_host_is_asked(): void
    {
        config([
            'app.url' => 'https://shop.larkfold.example/',
            'vestibra.hosts' => 'www.larkfold.example, other.example:8443',
        ]);
        foreach (['evil.example', 'shop.larkfold.example.evil.example', 'www.larkfold.example:81'] as $host) {
            foreach ([
                '/', '/p/teal-tide-bottled-ink', '/c/inks', '/robots.txt', '/sitemap.xml', '/sitemaps/product-1.xml',
                '/feed.atom',
            ] as $address) {
                $answer = $this->get("http://$host$address");
                $text = $answer->baseResponse instanceof StreamedResponse
                    ? $answer->streamedContent()
                    : (string) $answer->getContent();
                self::assertStringNotContainsString($host, $text, "$host$address");
                self::assertStringContainsString('https://shop.larkfold.example', $text, "$host$address");
            }
        }
        foreach (['http://www.larkfold.example', 'https://other.example:8443'] as $host) {
            self::assertStringContainsString(
                "<link rel=\"canonical\" href=\"$host/p/teal-tide-bottled-ink\"",
                (string) $this->get("$host/p/teal-tide-bottled-ink")->getContent(),
            );
            self::assertStringContainsString(
                "Sitemap: $host/sitemap.xml",
                (string) $this->get("$host/robots.txt")->getContent(),
            );
        }
    }

    public function test_a_private_link_is_withdrawn_through_its_own_template_only(): void
    {
        [$own, $other] = [$this->template('Own'), $this->template('Other')];
        $this->actingAs($this->owner)->postJson("/studio/templates/$own->id/links", ['days' => 7])->assertCreated();
        $link = (int) DB::table('private_links')->value('id');
        $this->postJson("/studio/templates/$other->id/links/$link/withdraw")->assertNotFound();
        self::assertNull(DB::table('private_links')->value('withdrawn_at'));
        $this->postJson("/studio/templates/$own->id/links/$link/withdraw")
            ->assertOk()
            ->assertJsonPath('links.0.state', 'withdrawn');
        $this->postJson("/studio/templates/$own->id/links/$link/withdraw")
            ->assertOk()
            ->assertJsonPath('links.0.state', 'withdrawn');
    }

    public function test_a_foreign_page_is_no_way_back(): void
    {
        foreach ([
            'https://evil.example/trap' => '/',
            'http://127.0.0.1:8000/p/teal-tide-bottled-ink' => '/p/teal-tide-bottled-ink',
        ] as $referer => $back) {
            $this->withHeaders(['Referer' => $referer])
                ->post('http://127.0.0.1:8000/cart', ['variant' => 0])
                ->assertHeader('Location', $back);
        }
    }

    public function test_over_tls_browsers_are_told_to_stay_with_it_and_what_no_page_needs_is_off(): void
    {
        $plain = $this->get('http://127.0.0.1:8000/');
        $secure = $this->get('https://127.0.0.1:8000/');
        self::assertNull($plain->headers->get('Strict-Transport-Security'));
        self::assertSame('max-age=31536000', $secure->headers->get('Strict-Transport-Security'));
        self::assertStringContainsString('camera=()', (string) $plain->headers->get('Permissions-Policy'));
        self::assertTrue((require base_path('config/session.php'))['http_only']);
    }

    public function test_cookies_are_for_tls_alone_unless_it_is_said_otherwise(): void
    {
        $before = [$_ENV['SESSION_SECURE_COOKIE'] ?? null, $_SERVER['SESSION_SECURE_COOKIE'] ?? null];
        unset($_ENV['SESSION_SECURE_COOKIE'], $_SERVER['SESSION_SECURE_COOKIE']);
        putenv('SESSION_SECURE_COOKIE');
        try {
            self::assertTrue((require base_path('config/session.php'))['secure']);
        } finally {
            [$_ENV['SESSION_SECURE_COOKIE'], $_SERVER['SESSION_SECURE_COOKIE']] = $before;
            putenv("SESSION_SECURE_COOKIE=$before[0]");
        }
    }

    public function test_a_proxy_is_believed_only_where_it_is_named(): void
    {
        $asked = static function (): string {
            $request = Request::create(
                'http://shop.example/',
                server: ['REMOTE_ADDR' => '10.0.0.5', 'HTTP_X_FORWARDED_FOR' => '203.0.113.9'],
            );
            app(TrustProxies::class)
                ->handle($request, static fn (Request $request): Response => new Response((string) $request->ip()));

            return (string) $request->ip();
        };
        self::assertSame('10.0.0.5', $asked());
        TrustProxies::at(['10.0.0.5']);
        try {
            self::assertSame('203.0.113.9', $asked());
        } finally {
            TrustProxies::flushState();
            Request::setTrustedProxies([], -1);
        }
    }

    /** @return iterable<string, array{array<string, string>, bool|null}> */
    public static function origins(): iterable
    {
        yield 'our own page' => [['Origin' => 'https://shop.example'], true];
        yield 'our own page at another port' => [['Origin' => 'https://shop.example:8443'], false];
        yield 'another site' => [['Origin' => 'https://evil.example'], false];
        yield 'a site whose name begins as ours' => [['Origin' => 'https://shop.example.evil.example'], false];
        yield 'a page without an origin' => [['Origin' => 'null'], false];
        yield 'said by the browser alone, ours' => [['Sec-Fetch-Site' => 'same-origin'], true];
        yield 'said by the browser alone, another’s' => [['Sec-Fetch-Site' => 'cross-site'], false];
        yield 'a page of a sister site' => [['Sec-Fetch-Site' => 'same-site'], false];
        yield 'an old browser, ours' => [['Referer' => 'https://shop.example/p/ink'], true];
        yield 'an old browser, another’s' => [['Referer' => 'https://evil.example/shop.example'], false];
        yield 'not said at all' => [[], null];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('origins')]
    public function test_writing_is_taken_only_from_our_own_pages(array $headers, ?bool $ours): void
    {
        $request = Request::create('https://shop.example/cart', 'POST');
        $request->headers->set('Host', 'shop.example');
        foreach ($headers as $name => $value) {
            $request->headers->set($name, $value);
        }
        self::assertSame($ours, Forgery::isFromOurPages($request));
    }

    public function test_words_go_out_compressed_to_whoever_takes_them_so(): void
    {
        $answer = $this->get('/p/teal-tide-bottled-ink', ['Accept-Encoding' => 'gzip, deflate']);
        self::assertSame('gzip', $answer->headers->get('Content-Encoding'));
        self::assertStringContainsString('Teal Tide bottled ink', (string) gzdecode((string) $answer->getContent()));
        $plain = $this->get('/p/teal-tide-bottled-ink', ['Accept-Encoding' => 'identity']);
        self::assertNull($plain->headers->get('Content-Encoding'));
        self::assertStringContainsString('Accept-Encoding', (string) $plain->headers->get('Vary'));
    }
}
