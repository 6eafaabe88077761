<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Http;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use Vestibra\Tests\App\TestCase;

/** Whatever an address or a body says, the answer is a page or a sentence, never a failure. */
final class NonsenseTest extends TestCase
{
    /** Every name that some address or body is asked for. */
    private const NAMES = [
        'after', 'alt', 'also', 'ask', 'at', 'author', 'bare', 'base', 'before', 'brand', 'category', 'changes', 'copyOf', 'days', 'draft', 'drafts', 'due', 'edits', 'email', 'focusX', 'from', 'gesture', 'id', 'ids',
        'key', 'kind', 'knowingly', 'lacking', 'live', 'move', 'name', 'narrow', 'node', 'note', 'o', 'of', 'on', 'order', 'page', 'passOver', 'password', 'pinned', 'price', 'product', 'q', 'quantity', 'reach',
        'remove', 'revision', 'revisions', 'sample', 'show', 'sort', 'spoken', 'stars', 'start', 'state', 'tag', 'template', 'then', 'thing', 'to', 'use', 'variant', 'weights', 'window', 'with', 'words',
    ];

    /** @return iterable<string, array{mixed}> */
    public static function values(): iterable
    {
        yield 'an empty list' => [[]];
        yield 'a list' => [['']];
        yield 'a list of lists' => [[['x' => [1]]]];
        yield '10 to the 18th' => ['1000000000000000000'];
        yield '10 to the 30th' => ['1000000000000000000000000000000'];
        yield 'a negative number' => ['-9223372036854775808'];
        yield 'bytes that are no text' => ["\xff\xfe\x80"];
        yield 'a long word' => [str_repeat('ü', 5000)];
        yield 'quotes' => ["'; drop table products; --"];
        yield 'yes' => [true];
        yield 'nothing' => [null];
    }

    #[DataProvider('values')]
    public function test_in_every_parameter_of_every_address(mixed $value): void
    {
        $all = array_fill_keys(self::NAMES, $value);
        foreach ($this->routes() as $route) {
            $address = $this->filled($route, '1');
            $query = http_build_query($all);
            if ($route->methods()[0] === 'GET') {
                $this->fine('GET', "$address?$query");

                continue;
            }
            $this->fine($route->methods()[0], "$address?$query");
            $text = json_encode($all, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
            $this->fine($route->methods()[0], $address, $text);
        }
    }

    public function test_a_list_in_each_parameter_alone(): void
    {
        foreach ($this->routes() as $route) {
            foreach ($route->methods()[0] === 'GET' ? self::NAMES : [] as $name) {
                $this->fine('GET', $this->filled($route, '1')."?{$name}[]=");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function places(): iterable
    {
        foreach (['0', '-1', '100000000000000000000', '1e30', '1.5', '01', '%20', '%5B%5D', '..%2F..%2F.env', '%27', '%F0%9F%98%80', '%FF%FE', str_repeat('9', 400), 'x'] as $place) {
            yield $place => [$place];
        }
    }

    #[DataProvider('places')]
    public function test_in_every_place_of_every_address(string $place): void
    {
        foreach ($this->routes() as $route) {
            if ($route->parameterNames() !== []) {
                $this->fine($route->methods()[0], $this->filled($route, $place));
            }
        }
    }

    public function test_nul_is_no_part_of_any_address_and_the_answer_is_as_safe_as_any(): void
    {
        foreach (['/%00', '/p/a%00b', '/c/%00', '/search?q=%00', '/studio/%00', '/pictures/%00-400.webp', '/nothing?x=%00'] as $address) {
            $answer = $this->get($address)->assertStatus(400)->assertSee('not written as addresses are');
            self::assertStringContainsString("default-src 'self'", (string) $answer->headers->get('Content-Security-Policy'));
            self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
        }
    }

    public function test_a_body_of_any_address_has_a_limit(): void
    {
        $text = '{"name":"x","node":{"kind":"text","what":{"text":"'.str_repeat('x', 2_000_000).'"}}}';
        foreach ($this->routes() as $route) {
            if ($route->methods()[0] !== 'GET') {
                $this->actingAs($this->owner)->call($route->methods()[0], $this->filled($route, '1'), [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $text)
                    ->assertStatus(413)->assertJsonPath('message', 'That is too large to be taken. Nothing was changed.');
            }
        }
    }

    private function fine(string $method, string $address, ?string $json = null): void
    {
        $this->actingAs($this->owner);
        $answer = $json === null
            ? $this->call($method, $address)
            : $this->call($method, $address, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $json);
        self::assertLessThan(500, $answer->getStatusCode(), "$method ".mb_substr($address, 0, 200).' '.mb_substr((string) $json, 0, 200));
    }

    /** @return list<Route> */
    private function routes(): array
    {
        $routes = array_values(array_filter(
            iterator_to_array(Routes::getRoutes(), false),
            static fn (Route $route): bool => ! in_array($route->uri(), ['studio/sign-out', 'storage/{path}', 'up'], true),
        ));
        self::assertGreaterThan(60, count($routes));

        return $routes;
    }

    private function filled(Route $route, string $with): string
    {
        return '/'.preg_replace(['/\{pageKind\}/', '/\{thing\}/', '/\{\w+\??\}/'], ['category', 'brand', $with], $route->uri());
    }
}
