<?php

declare(strict_types=1);

// For PHP's built-in server, as bin/_router.php, and every answer of the application says how many milliseconds it took
// and how many queries it asked.

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

$begin = hrtime(true);
$path = strtok(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', '?');
if (preg_match('~^/(build|pictures)/|^/\w+\.(svg|ico)$~', (string) $path) === 1) {
    return require __DIR__.'/../bin/_router.php';
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';
$queries = 0;
$app->booted(static function (Application $app) use (&$queries): void {
    $app->make('events')->listen(QueryExecuted::class, static function () use (&$queries): void {
        $queries++;
    });
});
header_register_callback(static function () use ($begin, &$queries): void {
    header(sprintf('Server-Timing: answer;dur=%.2f, queries;dur=%d', (hrtime(true) - $begin) / 1e6, $queries));
});
$app->handleRequest(Request::capture());
