<?php

declare(strict_types=1);

// Reads a file of rows in, again and again, until it is killed: php reader.php DATABASE FILE FILE

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\InAndOut\Rows\RowsIn;
use Vestibra\App\Work\InAndOut\Rows\RowWishes;

[, $database, $one, $other] = $argv;
require dirname(__DIR__, 6).'/vendor/autoload.php';
$app = require dirname(__DIR__, 6).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['database.connections.sqlite.database' => $database, 'database.connections.sqlite.journal_mode' => 'wal']);
DB::purge();
$in = $app->make(RowsIn::class);
$owner = User::query()->firstOrFail();
echo "ready\n";
for ($turn = 0; ; $turn++) {
    $done = $in->read($turn % 2 === 0 ? $one : $other, $owner, new RowWishes(leaping: true));
    echo "entry $done->entry\n";
}
