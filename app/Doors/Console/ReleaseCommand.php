<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Collection;
use Vestibra\App\Doors\Studio\Answers\ReleaseRow;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Releases\Releases;

final class ReleaseCommand extends Command
{
    use SaysProblems;

    protected $signature =
        'vestibra:release {what=list : list, due or back} {number? : back: of the release to bring back} {--json}';

    protected $description = 'Lists the releases, makes those whose time has come, or brings one back';

    public function handle(Releases $releases, ReleaseRow $row): int
    {
        return match ($this->text('what')) {
            'list' => $this->list($row),
            'due' => $this->due($releases),
            'back' => $this->back($releases, $row),
            default => $this->refuse('Say “list”, “due” or “back”.'),
        };
    }

    private function list(ReleaseRow $row): int
    {
        /** @var Collection<int, Release> $latest */
        $latest = Release::query()->with('author')->latest('id')->limit(20)->get();
        if ($this->option('json')) {
            return $this->json($row->all($latest));
        }
        foreach ($latest as $release) {
            $words = Deeds::words($release->change_set);
            $this->line("$release->id  {$release->at->toDateTimeString()}  $release->state  $words"
                .($release->note === '' ? '' : " · $release->note"));
        }

        return self::SUCCESS;
    }

    private function due(Releases $releases): int
    {
        $done = $releases->runDue();

        return $this->option('json')
            ? $this->json(['made' => $done])
            : $this->said(Counted::of($done, 'release was', 'releases were').' made.');
    }

    private function back(Releases $releases, ReleaseRow $row): int
    {
        $number = $this->text('number');
        $release = Release::query()->find(ctype_digit($number) ? (int) $number : 0);
        if (! $release instanceof Release) {
            return $this->refuse("There is no release {$number}.");
        }
        $done = $releases
            ->bringBack($release->id, User::query()->where('role', User::OWNER)->oldest('id')->firstOrFail());
        if (! $done instanceof Release) {
            return $this->problems($done);
        }

        return $this->option('json')
            ? $this->json($row->of($done))
            : $this->said("The shop is as it was before release {$number}; that is release {$done->id}.");
    }

    private function said(string $words): int
    {
        $this->info($words);

        return self::SUCCESS;
    }
}
