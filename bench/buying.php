<?php

declare(strict_types=1);

// Puts something into a cart, again and again, until a file is there; prints the longest that a customer waited, in
// milliseconds: php bench/buying.php DATABASE SESSIONS ENDING

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Database\Sql\SqliteSessions;
use Vestibra\App\Shop\Cart;

[, $database, $sessions, $ending] = $argv;
require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['database.connections.sqlite.database' => $database]);
DB::purge();
$ids = DB::table('variants')->where('published', 1)->limit(50)->pluck('id')->all();
$longest = 0.0;
$bought = 0;
echo "ready\n";
do {
    $start = hrtime(true);
    $session = new Store('bench', new SqliteSessions($sessions, 60), str_repeat('b', 40));
    $session->start();
    $cart = new Cart($session);
    $variant = $cart->buyable((int) $ids[$bought++ % count($ids)]);
    $variant === null || $cart->set($variant, 1);
    $session->save();
    $longest = max($longest, (hrtime(true) - $start) / 1e6);
    usleep(20_000);
} while (! is_file($ending));
echo json_encode(['longest' => $longest, 'bought' => $bought]);
