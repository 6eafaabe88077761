<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What every screen of the Studio asks of the server, in a shop in which much is laid out; served as in earnest. */
final class ScreensBench
{
    public const SIZES = [110, 10_000, 100_000];

    private const PATIENCE = 3600;

    /**
     * @param  string  $folder  where the shop lies, as `shop.sqlite`, and what the server keeps beside it
     * @return list<array{screen: string, request: string, products: int, ms: float, queries: int,
     *     samples: list<float>}>
     */
    public function run(int $size, string $folder): array
    {
        file_put_contents("$folder/addresses.json", json_encode(Screens::addresses(), JSON_THROW_ON_ERROR));
        DB::purge();
        $port = self::freePort();
        $environment = [
            'DB_DATABASE' => "$folder/shop.sqlite", 'SESSIONS_FILE' => "$folder/sessions.sqlite",
            'CACHE_FOLDER' => "$folder/cache",
            'APP_CONFIG_CACHE' => "$folder/config.php", 'APP_ROUTES_CACHE' => "$folder/routes.php",
            'APP_URL' => "http://127.0.0.1:$port",
            'SESSION_SECURE_COOKIE' => 'false', 'PHP_CLI_SERVER_WORKERS' => '3',
        ];
        foreach (['config:cache', 'route:cache'] as $command) {
            (new Process([PHP_BINARY, 'artisan', $command], base_path(), $environment))->mustRun();
        }
        (new Process([PHP_BINARY, 'bin/_classes.php'], base_path(), $environment))->mustRun();
        $server = new Process([
            PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.memory_consumption=192', '-d', 'opcache.jit=off',
            '-d', 'opcache.preload=bin/_preload.php',
            '-d', 'opcache.preload_user='.get_current_user(), '-d', 'variables_order=EGPCS', '-S', "127.0.0.1:$port",
            '-t', 'public', 'bench/measured.php',
        ], base_path(), $environment, timeout: null);
        $server->disableOutput()->setOptions(['create_new_console' => true]);
        $server->start();
        try {
            self::wait($port);
            $browser = new Process(
                [
                    'node', 'bench/screens.mjs', "--base=http://127.0.0.1:$port", "--addresses=$folder/addresses.json",
                    "--products=$size",
                ],
                base_path(),
                timeout: self::PATIENCE,
            );
            $browser->mustRun();

            return json_decode($browser->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        } finally {
            // Its workers do not end with it.
            (new Process(['pkill', '-f', "127.0.0.1:$port -t public"]))->run();
            $server->stop(1);
        }
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('There is no free port.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private static function wait(int $port): void
    {
        for ($tries = 0; $tries < 600; $tries++) {
            if (@fsockopen('127.0.0.1', $port) !== false) {
                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException('The server did not come up.');
    }
}
