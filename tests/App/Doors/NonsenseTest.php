<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors;

use FilesystemIterator;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use SplFileInfo;
use Vestibra\Tests\App\TestCase;

/** Whatever an address or a body says, the answer is a page or a sentence, never a failure. */
final class NonsenseTest extends TestCase
{
    /** What reads a parameter: `Asked`, rules of validation, and the few places that ask the request itself. */
    private const READS = [
        '/Asked::(?!page\b|key\b)\w+\(\s*(?:\$\w+|request\(\)),\s*\'([\w.]+)\'/',
        '/^\s*\[?\'([\w.*]+)\' => '
            .'\[\'?(?:required|nullable|present|integer|string|array|boolean|sometimes|date|exists|Rule)/m',
        '/\$request->(?:input|query|string|boolean|integer|has|file|collect)\(\'([\w.]+)\'/',
    ];

    /**
     * From the code itself.
     *
     * @param  string  $controller  the file whose address it is; empty: every name that some address is asked for
     * @return list<string> every name that an address or its body may be asked for
     */
    private static function names(string $controller = ''): array
    {
        $names = ['page', 'key', 'seen', 'author', 'knowingly'];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 3).'/app', FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            // What other controllers read is asked of their own addresses.
            $isOthers = $controller !== ''
                && $file instanceof SplFileInfo
                && str_ends_with($file->getFilename(), 'Controller.php')
                && $file->getRealPath() !== realpath($controller);
            $code = $file instanceof SplFileInfo && $file->getExtension() === 'php' && ! $isOthers
                ? (string) file_get_contents($file->getPathname())
                : '';
            foreach (self::READS as $reads) {
                preg_match_all($reads, $code, $found);
                foreach ($found[1] as $name) {
                    $names[] = explode('.', $name)[0];
                }
            }
        }

        return array_values(array_unique($names));
    }

    public function test_the_names_are_found_in_the_code(): void
    {
        $names = self::names();
        self::assertGreaterThan(80, count($names));
        self::assertSame(
            [],
            array_diff(
                [
                    'q', 'sort', 'variant', 'quantity', 'choice', 'of', 'o', 'weights', 'changes', 'products', 'after',
                    'house', 'reach', 'tokens', 'currency', 'letGo', 'captions',
                ],
                $names,
            ),
        );
        foreach ($this->routes() as $route) {
            $action = $route->getActionName();
            $class = explode('@', $action)[0];
            $file = class_exists($class) ? (new ReflectionClass($class))->getFileName() : false;
            self::assertDoesNotMatchRegularExpression(
                '/\$_(GET|POST|REQUEST)\b/',
                (string) ($file === false ? '' : file_get_contents($file)),
                $action,
            );
        }
    }

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
        $all = array_fill_keys(self::names(), $value);
        // Servers take addresses of a few thousand letters: in each of so many parameters stand fewer.
        $query = http_build_query(array_map(
            static fn (mixed $one): mixed => is_string($one) && strlen($one) > 500 ? mb_substr($one, 0, 500) : $one,
            $all,
        ));
        foreach ($this->routes() as $route) {
            $address = $this->filled($route, '1');
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
        $names = [];
        foreach ($this->routes() as $route) {
            $controller = explode('@', $route->getActionName())[0];
            $names[$controller] ??= self::names(class_exists($controller)
                ? (string) (new ReflectionClass($controller))->getFileName()
                : '');
            foreach ($route->methods()[0] === 'GET' ? $names[$controller] : [] as $name) {
                $this->fine('GET', $this->filled($route, '1')."?{$name}[]=");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function places(): iterable
    {
        foreach ([
            '0', '-1', '100000000000000000000', '1e30', '1.5', '01', '%20', '%5B%5D', '..%2F..%2F.env', '%27',
            '%F0%9F%98%80', '%FF%FE', str_repeat('9', 400), 'x',
        ] as $place) {
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
        foreach ([
            '/%00', '/p/a%00b', '/c/%00', '/search?q=%00', '/studio/%00', '/pictures/%00-400.webp', '/nothing?x=%00',
        ] as $address) {
            $answer = $this->get($address)->assertStatus(400)->assertSee('not written as addresses are');
            self::assertStringContainsString(
                "default-src 'self'",
                (string) $answer->headers->get('Content-Security-Policy'),
            );
            self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
        }
    }

    public function test_a_body_of_any_address_has_a_limit(): void
    {
        $text = '{"name":"x","node":{"kind":"text","what":{"text":"'.str_repeat('x', 2_000_000).'"}}}';
        foreach ($this->routes() as $route) {
            if ($route->methods()[0] !== 'GET') {
                $this->actingAs($this->owner)->call(
                    $route->methods()[0],
                    $this->filled($route, '1'),
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                    $text,
                )
                    ->assertStatus(413)
                    ->assertJsonPath('message', 'That is too large to be taken. Nothing was changed.');
            }
        }
    }

    private function fine(string $method, string $address, ?string $json = null): void
    {
        $this->actingAs($this->owner);
        $answer = $json === null
            ? $this->call($method, $address)
            : $this->call(
                $method,
                $address,
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                $json,
            );
        self::assertLessThan(
            500,
            $answer->getStatusCode(),
            "$method ".mb_substr($address, 0, 200).' '.mb_substr((string) $json, 0, 200),
        );
    }

    /** @return list<Route> */
    private function routes(): array
    {
        $routes = array_values(array_filter(
            iterator_to_array(Routes::getRoutes(), false),
            static fn (Route $route): bool =>
                ! in_array($route->uri(), ['studio/sign-out', 'storage/{path}', 'up'], true),
        ));
        self::assertGreaterThan(60, count($routes));

        return $routes;
    }

    private function filled(Route $route, string $with): string
    {
        return '/'.preg_replace(
            ['/\{pageKind\}/', '/\{thing\}/', '/\{\w+\??\}/'],
            ['category', 'brand', $with],
            $route->uri(),
        );
    }
}
