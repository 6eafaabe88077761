<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** What one page is about stands at one address. */
final class OneAddressTest extends TestCase
{
    /** @return iterable<string, array{string, int, string|null}> */
    public static function slips(): iterable
    {
        yield 'a list' => ['/all/', 301, '/all'];
        yield 'with what was asked for' => ['/search/?q=teal+ink&sort=cheap', 301, '/search?q=teal%20ink&sort=cheap'];
        yield 'a product, several slashes' => ['/p/teal-tide-bottled-ink///', 301, '/p/teal-tide-bottled-ink'];
        yield 'the Studio' => ['/studio/today/', 301, '/studio/today'];
        yield 'the first page itself' => ['/', 200, null];
        yield 'no slip' => ['/all', 200, null];
        yield 'nothing there' => ['/nowhere/', 301, '/nowhere'];
        yield 'what browsers would take for another host' => ['//evil.example/', 404, null];
        yield 'the same with other slashes' => ['/\\evil.example/', 404, null];
    }

    #[DataProvider('slips')]
    public function test_a_slash_at_the_end_leads_to_the_page(string $asked, int $status, ?string $to): void
    {
        foreach (['GET', 'HEAD'] as $method) {
            $answer = $this->ask($asked, ['REQUEST_METHOD' => $method]);
            self::assertSame([$status, $to], [$answer->getStatusCode(), $answer->headers->get('Location')], $method);
        }
    }

    public function test_so_does_the_name_of_the_script_before_it(): void
    {
        foreach ([
            '/index.php/all?page=2' => '/all?page=2',
            '/index.php' => '/',
            '/index.php/p/teal-tide-bottled-ink/' => '/p/teal-tide-bottled-ink',
        ] as $asked => $to) {
            $answer = $this->ask(
                $asked,
                ['SCRIPT_NAME' => '/index.php', 'SCRIPT_FILENAME' => 'index.php', 'PHP_SELF' => '/index.php'],
            );
            self::assertSame([301, $to], [$answer->getStatusCode(), $answer->headers->get('Location')]);
        }
    }

    public function test_what_is_sent_is_taken_where_it_was_sent_to(): void
    {
        self::assertSame(302, $this->ask('/cart/', ['REQUEST_METHOD' => 'POST'])->getStatusCode());
    }

    /** @param  array<string, string>  $server */
    private function ask(string $address, array $server): \Symfony\Component\HttpFoundation\Response
    {
        $request = new Request(server: $server + [
            'REQUEST_METHOD' => 'GET',
            'REQUEST_URI' => $address,
            'QUERY_STRING' => (string) parse_url("http://shop$address", PHP_URL_QUERY),
            'HTTP_HOST' => 'localhost',
            'HTTP_ORIGIN' => 'http://localhost',
        ]);
        parse_str($request->server->getString('QUERY_STRING'), $query);
        $request->query->replace($query);

        return $this->app->make(Kernel::class)->handle($request);
    }
}
