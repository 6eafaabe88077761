<?php

declare(strict_types=1);

// Edits, publishes and runs waiting releases on the database named by the first argument until it is killed. What is
// printed was acknowledged: the work before it is committed.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Drafting\Drafting;
use Vestibra\App\Work\Drafting\StepResult;
use Vestibra\App\Work\Releases\Making\TemplateDeed;
use Vestibra\App\Work\Releases\Releases;
use Vestibra\Core\Releases\Changes;

require dirname(__DIR__, 5).'/vendor/autoload.php';

$app = require dirname(__DIR__, 5).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['database.connections.sqlite.database' => $argv[1], 'database.connections.sqlite.journal_mode' => 'wal']);
DB::purge();
$user = User::query()->firstOrFail();
$id = (int) $argv[2];
app(Releases::class)->runDue();
echo "ready\n";
for ($round = 1; ; $round++) {
    $done = app(Drafting::class)->apply($id, $user, [
        ['edit' => 'set', 'id' => $argv[3], 'question' => 'how', 'setting' => 'size', 'value' => 12 + $round % 80],
    ]);
    if ($done instanceof StepResult) {
        echo "edit {$done->template->draft_revision}\n";
    }
    if ($round % 3 === 0) {
        $release = app(Releases::class)
            ->make(Changes::of(TemplateDeed::publish(Template::query()->findOrFail($id))), $user, '');
        echo 'release '.($release instanceof Release ? $release->id : 0)."\n";
    }
    if ($round % 4 === 0) {
        $waiting = app(Releases::class)->wait(
            Changes::of(TemplateDeed::publish(Template::query()->findOrFail($id))),
            $user,
            '',
            new DateTimeImmutable('2020-01-01'),
        );
        app(Releases::class)->runDue();
        echo "release $waiting->id\n";
    }
}
