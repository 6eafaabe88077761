<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Console;

use Vestibra\Tests\App\Ground\Backups\ShopInFolder;
use Vestibra\Tests\App\TestCase;

/**
 * `bin/start`: it serves, it says so only where it does, it ends all that it started, and no cache outlives what it was
 * made of.
 */
final class StartTest extends TestCase
{
    use ShopInFolder;

    private const PATIENCE = 90.0;

    public function test_it_serves_refuses_a_taken_port_and_ends_with_everything_it_started(): void
    {
        $this->moveIn(1);
        $port = self::freePort();
        $first = $this->start($port);
        try {
            self::assertTrue(self::until(fn (): bool => self::answers($port)), 'It serves.');

            self::assertSame(1, preg_match('#/build/assets/[\w-]+\.css#', self::page($port), $style));
            $headers = self::headers($port, $style[0]);
            self::assertSame('nosniff', $headers['x-content-type-options'] ?? null);
            self::assertStringContainsString('max-age=31536000', $headers['cache-control'] ?? '');
            self::assertSame('gzip', $headers['content-encoding'] ?? null);
            self::assertSame('gzip', self::headers($port, '/')['content-encoding'] ?? null);
            $nonsense = self::headers($port, '/p/%00');
            self::assertSame('nosniff', $nonsense['x-content-type-options'] ?? null);
            self::assertStringContainsString('400', $nonsense[0] ?? '');

            self::assertStringContainsString(
                "Sitemap: http://127.0.0.1:$port/",
                (string) file_get_contents("http://127.0.0.1:$port/robots.txt"),
            );
            self::assertStringContainsString(
                "Their addresses begin with http://127.0.0.1:$port (APP_URL).",
                $this->said(['vestibra:catalogue', 'export', "$this->root/linked.json", '--linked'], [
                    'DATA_FOLDER' => $this->root,
                ]),
                'Commands name what is served.',
            );

            [$said, $status] = self::ended($this->start($port));
            self::assertSame(1, $status);
            self::assertStringContainsString("Port $port of 127.0.0.1 is taken", $said);
            self::assertStringNotContainsString('Shop:', $said);
            self::assertTrue(self::answers($port), 'The first one goes on.');

            self::assertStringContainsString(
                "Database: {$this->data->current()}/",
                $this->said(['vestibra:data'], ['DATA_FOLDER' => $this->root]),
            );
            $other = "$this->root/other.sqlite";
            copy($this->data->current().'/shop.sqlite', $other);
            self::assertStringContainsString(
                "Database: $other",
                $this->said(['vestibra:data'], ['DATA_FOLDER' => $this->root, 'DB_DATABASE' => $other]),
            );
        } finally {
            proc_terminate($first, SIGTERM);
        }

        self::assertTrue(self::until(fn (): bool => ! proc_get_status($first)['running']), 'It ends.');
        self::assertTrue(self::until(fn (): bool => ! self::answers($port)), 'Nothing serves any more.');
        self::assertTrue(
            self::until(fn (): bool => $this->left() === []),
            'Left running: '.implode(', ', $this->left()),
        );
    }

    protected function tearDown(): void
    {
        $this->moveOut();
        parent::tearDown();
    }

    /** @return resource */
    private function start(int $port)
    {
        $process = proc_open(
            [base_path('bin/start')],
            [
                ['file', '/dev/null', 'r'],
                ['file', "$this->root/said-$port", 'w'],
                ['file', "$this->root/said-$port", 'a'],
            ],
            $pipes,
            base_path(),
            $this->environment(['PORT' => (string) $port, 'DATA_FOLDER' => $this->root, 'WORKERS' => '2']),
        );
        self::assertIsResource($process);

        return $process;
    }

    /**
     * @param  resource  $process
     * @return array{string, int} what it said, and its status
     */
    private function ended($process): array
    {
        $status = -1;
        self::assertTrue(self::until(static function () use ($process, &$status): bool {
            $now = proc_get_status($process);
            $status = $now['exitcode'];

            return ! $now['running'];
        }));

        return [implode('', array_map(file_get_contents(...), glob("$this->root/said-*") ?: [])), $status];
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private function said(array $command, array $environment): string
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', ...$command],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
            $pipes,
            base_path(),
            $this->environment($environment),
        );
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $said;
    }

    /**
     * @param  array<string, string>  $own
     * @return array<string, string>
     */
    private function environment(array $own): array
    {
        return $own + ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'LOG_CHANNEL' => 'null'];
    }

    /** @return list<string> processes that serve this test's folder */
    private function left(): array
    {
        $left = [];
        foreach (glob('/proc/[0-9]*/environ') ?: [] as $file) {
            if (str_contains((string) @file_get_contents($file), "DATA_FOLDER=$this->root")) {
                $left[] = strtr((string) @file_get_contents(dirname($file).'/cmdline'), "\0", ' ');
            }
        }

        return array_values(array_filter($left));
    }

    private static function answers(int $port): bool
    {
        return str_contains(self::page($port), 'Larkfold');
    }

    private static function page(int $port): string
    {
        return (string) @file_get_contents(
            "http://127.0.0.1:$port/",
            false,
            stream_context_create(['http' => ['timeout' => 5, 'ignore_errors' => true]]),
        );
    }

    /** @return array<array-key, string> by name in small letters; the status line under 0 */
    private static function headers(int $port, string $address): array
    {
        $context = stream_context_create(
            ['http' => ['timeout' => 5, 'ignore_errors' => true, 'header' => 'Accept-Encoding: gzip']],
        );
        $headers = [];
        foreach (get_headers("http://127.0.0.1:$port$address", false, $context) ?: [] as $line) {
            $parts = explode(': ', $line, 2);
            $headers[isset($parts[1]) ? strtolower($parts[0]) : 0] = $parts[1] ?? $line;
        }

        return $headers;
    }

    private static function freePort(): int
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);

        return $port;
    }

    /** @param  callable(): bool  $true */
    private static function until(callable $true): bool
    {
        $end = microtime(true) + self::PATIENCE;
        while (! $true()) {
            if (microtime(true) > $end) {
                return false;
            }
            usleep(100_000);
        }

        return true;
    }
}
