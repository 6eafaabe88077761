<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Why\Ladder;
use Vestibra\Core\Pages\PageKind;

final class VerdictCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:verdict {kind : product, category, …} {slug} {--at= : as at this time, '
        .'2026-12-31 or 2026-12-31 23:30} {--json}';

    protected $description = 'Says which template a page gets, and why each other one lost';

    public function handle(PagesOfTheShop $pages, Ladder $ladder, ShopClock $clock): int
    {
        if (! $this->moveClock($clock)) {
            return self::FAILURE;
        }
        $slug = $this->text('slug');
        $kind = $this->text('kind');
        $subject = PageAddresses::knows($kind) ? $pages->get($kind)->bySlug($slug) : null;
        if ($subject === null) {
            return $this->refuse(
                "There is no {$kind} page called “{$slug}”. Give the kind ("
                    .implode(', ', PageAddresses::names())
                    .') and the address name.',
            );
        }
        $answer = $ladder->of(PageKind::from($kind), $subject);
        if ($this->option('json')) {
            return $this->json($answer);
        }
        $this->line("{$subject->title()} gets “{$answer['rungs'][0]['name']}”"
            .($answer['until'] === null ? '.' : "; it stays so until {$answer['until']}."));
        foreach ($answer['rungs'] as $number => $rung) {
            $clause = implode(
                ' and ',
                array_map(
                    static fn (array $part): string => $part['failed'] ? "[not: {$part['words']}]" : $part['words'],
                    $rung['clause'],
                ),
            );
            $this->line(($number + 1).". “{$rung['name']}” ".implode(
                ' ',
                array_filter([$rung['closenessWords'] === '' ? '' : "({$rung['closenessWords']})", $clause]),
            ));
            $this->line("   {$rung['words']} ".implode(' ', $rung['detail']));
        }

        return self::SUCCESS;
    }
}
