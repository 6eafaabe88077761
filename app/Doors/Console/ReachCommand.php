<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Reach;

/** @phpstan-import-type Preview from ReachCounts */
final class ReachCommand extends Command
{
    use SaysProblems;

    protected $signature = 'vestibra:reach {template : its number or its name} {--draft : the draft instead of what '
        .'is live} {--at= : as at this time} {--json}';

    protected $description = 'Says what a template covers, what it is shown on, and where the others go';

    public function handle(ReachCounts $counts, KindRulesReader $contests, ReachWords $words, ShopClock $clock): int
    {
        if (! $this->moveClock($clock)) {
            return self::FAILURE;
        }
        $asked = $this->text('template');
        $template = Template::query()->where('let_go_at', null)->where(
            static fn ($query) => $query->where('name', $asked)->orWhere('id', ctype_digit($asked) ? (int) $asked : 0),
        )->first();
        if ($template === null) {
            return $this->refuse("There is no template called “{$asked}”. Give its name or its number.");
        }
        $kind = $template->pageKind();
        if ($kind === null) {
            return $this->refuse("“{$template->name}” lays out no pages that this version knows, so it has no reach.");
        }
        $draft = $this->option('draft') || ! $template->isLive();
        $reach = $contests->stored($draft ? $template->draft_reach : $template->live_reach, $kind);
        $answer = $counts->preview($kind, $template->id, $reach);
        if ($this->option('json')) {
            $clause = static fn (Clause $one): string => $words->clause($one, $kind);

            return $this->json([
                'template' => $template->name,
                'draft' => $draft,
                'show' => array_map($clause, $reach->show),
                'keepOff' => array_map($clause, $reach->keepOff),
                'season' => $words->season($reach->season),
                'goesFirst' => $reach->goesFirst,
            ] + array_diff_key($answer, ['pages' => true]));
        }
        $this->line("“{$template->name}”".($draft ? ', draft' : '').': '.self::sentence($reach, $kind, $words));
        $this->say($answer, $draft);

        return self::SUCCESS;
    }

    private static function sentence(Reach $reach, PageKind $kind, ReachWords $words): string
    {
        $clauses = static fn (array $list): string =>
            implode(' or ', array_map(static fn (Clause $one): string => $words->clause($one, $kind), $list));
        $season = $words->season($reach->season);

        return 'show on '.($reach->show === [] ? 'nothing' : $clauses($reach->show))
            .($reach->keepOff === [] ? '' : '; keep off '.$clauses($reach->keepOff))
            .($season === '' ? '' : "; $season")
            .($reach->goesFirst ? '; goes first' : '')
            .'.';
    }

    /** @param  Preview  $answer */
    private function say(array $answer, bool $draft): void
    {
        $shown = match (true) {
            $answer['when'] === 'ahead' => 'will be shown on',
            $draft => 'would be shown on',
            default => 'shown on',
        };
        $this->line("Covers {$answer['covers']}, $shown {$answer['shownOn']}"
            .($answer['when'] === 'ahead' ? ' when its season begins' : '')
            .($answer['hidden'] === 0 ? '.' : ", and {$answer['hidden']} hidden."));
        foreach ($answer['others'] as $other) {
            $this->line('  '.Counted::of($other['count'], 'goes', 'go')." to “{$other['name']}”.");
        }
        if ($answer['dead'] !== []) {
            $this->line(
                '  '
                    .Counted::of(count($answer['dead']), 'of its conditions names', 'of its conditions name')
                    .' only what was deleted.',
            );
        }
    }
}
