<?php

declare(strict_types=1);

// Asks for a few pages and writes down which files of classes that took, besides all of the application's own.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\User;

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->handle(Request::create('/studio/sign-in'));
config(['session.driver' => 'array']);
$addresses = ['/', '/p/'.DB::table('products')->where('published', true)->value('slug')];
$somebody = User::query()->oldest('id')->first();
if ($somebody !== null) {
    Auth::setUser($somebody);
    $drawing = '/studio/templates/'.DB::table('templates')->value('id');
    array_push($addresses, $drawing, "$drawing/news");
}
foreach ($addresses as $address) {
    $kernel->handle(Request::create($address));
}
$functions = array_map(realpath(...), array_values((array) require __DIR__.'/../vendor/composer/autoload_files.php'));
$root = (string) realpath(__DIR__.'/..');
$own = [];
foreach (['app', 'core', 'blocks'] as $folder) {
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        $own[] = (string) $file;
    }
}
$files = array_filter(
    [...get_included_files(), ...$own],
    static fn (string $file): bool => ! in_array($file, $functions, true) && preg_match(
        "#^$root/(app/(?!Doors/Console/|Doors/Shapes/)|core/|blocks/|"
            ."vendor/(?!composer/|phpunit/|phpstan/|sebastian/|nunomaduro/)[^/]+/[^/]+/)(.*/)?[A-Z]\w*\.php$#",
        $file,
    ) === 1,
);
file_put_contents(
    "$root/storage/framework/preload.json",
    json_encode(array_values(array_unique($files)), JSON_THROW_ON_ERROR),
);
