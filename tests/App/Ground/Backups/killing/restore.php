<?php

declare(strict_types=1);

// Puts two backups back in turn, in the data folder named by the environment, until it is killed.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Backups\Restore;
use Vestibra\App\Ground\DataFolder;

require dirname(__DIR__, 5).'/vendor/autoload.php';

$app = require dirname(__DIR__, 5).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
echo "ready\n";
for ($round = 0; ; $round++) {
    app(Restore::class)->from($argv[1 + $round % 2], DataFolder::configured());
    DB::purge();
    echo "done\n";
}
