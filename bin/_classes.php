<?php

declare(strict_types=1);

// Asks for a few pages and writes down which files of classes that took.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->handle(Request::create('/studio/sign-in'));
config(['session.driver' => 'array']);
foreach (['/', '/p/'.DB::table('products')->where('published', true)->value('slug')] as $address) {
    $kernel->handle(Request::create($address));
}
$functions = array_map(realpath(...), array_values((array) require __DIR__.'/../vendor/composer/autoload_files.php'));
$root = (string) realpath(__DIR__.'/..');
$files = array_filter(get_included_files(), static fn (string $file): bool => ! in_array($file, $functions, true)
    && preg_match("#^$root/(app|core|blocks|compat/clock|vendor/(laravel|symfony|monolog|psr|brick)/[^/]+/.*[A-Z]\w*\.php$)#", $file) === 1
    && preg_match('#\.blade\.php$#', $file) !== 1);
file_put_contents("$root/storage/framework/preload.json", json_encode(array_values($files), JSON_THROW_ON_ERROR));
