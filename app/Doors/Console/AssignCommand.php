<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Bulk\LayoutDeed;
use Vestibra\App\Work\Bulk\LayoutDeeds;
use Vestibra\App\Work\Bulk\LayoutPlan;
use Vestibra\App\Work\Bulk\LayoutWork;
use Vestibra\App\Work\Bulk\OutOfTheWay;
use Vestibra\App\Work\Bulk\Remaining;
use Vestibra\App\Work\Finding\FilterSentence;
use Vestibra\App\Work\Finding\FoundPages;
use Vestibra\App\Work\Finding\PageFilter;
use Vestibra\App\Work\Finding\PastedPages;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Condition;

/**
 * Which template many pages have, from the console.
 *
 * @phpstan-import-type Row from Remaining as RemainingRow
 */
final class AssignCommand extends Command
{
    use SaysProblems;

    private const MOST = 1_000_000;

    protected $signature = 'vestibra:assign {template : its number or its name} {--how=rule : rule, pin, name, '
        .'keepOff or '
        .'unpin} {--where= : conditions as rules have them, as JSON} {--list= : a file with stock numbers, bar codes '
            .'or '
        .'addresses} {--frees : pins to other templates are taken out too} {--dry-run : says what would happen} '
            .'{--json}';

    protected $description = 'Gives many pages a template: by a rule, by pins or by name, as one release';

    public function handle(
        FoundPages $found,
        FilterSentence $sentence,
        PastedPages $pasted,
        LayoutDeeds $deeds,
        Impact $impact,
        Remaining $remaining,
        LayoutWork $work,
    ): int {
        $asked = $this->text('template');
        $template = Template::query()->whereNull('let_go_at')->where(
            static fn ($query) => $query->where('name', $asked)->orWhere('id', ctype_digit($asked) ? (int) $asked : 0),
        )->first();
        $kind = $template?->pageKind();
        $deed = LayoutDeed::tryFrom(is_string($this->option('how')) ? $this->option('how') : '');
        $owner = User::query()->where('role', User::OWNER)->whereNull('closed_at')->oldest('id')->first();
        if ($template === null || $kind === null || $deed === null || $owner === null) {
            return $this->refuse(match (true) {
                $deed === null => 'Say --how as rule, pin, name, keepOff or unpin.',
                $owner === null => 'Nobody owns this shop yet: make an owner first (vestibra:user).',
                default => "There is no template called “{$asked}” that lays out pages. Give its name or its number.",
            });
        }
        $conditions = $this->conditions($sentence, $kind);
        $pages = $this->pages($found, $pasted, $kind, $conditions);
        if (is_string($pages)) {
            return $this->refuse($pages);
        }
        $clause = array_map(static fn (Condition $one): array => $one->toArray(), $conditions);
        $plan = $deeds->plan(
            $deed,
            $kind,
            $pages,
            $template,
            $deed === LayoutDeed::Rule || $deed === LayoutDeed::KeepOff && $clause !== [] ? [$clause] : [],
            $this->option('frees') ? OutOfTheWay::allPins() : OutOfTheWay::nothing(),
        );
        $problems = $plan instanceof LayoutPlan ? Deeds::problems($plan->changes) : $plan;
        if (! $plan instanceof LayoutPlan || $problems !== []) {
            return $this->problems($problems);
        }
        $said = $impact->of(Deeds::now($plan->changes));
        $rest = $remaining->of($plan, $kind, $deed);
        $done = $this->option('dry-run') ? null : $work->make($plan, $owner);
        if (is_array($done)) {
            return $this->problems($done);
        }
        if ($this->option('json')) {
            return $this->json([
                'pages' => count($pages), 'moved' => $said['moved'], 'stays' => $said['stays'], 'rest' => $rest,
                'release' => $done?->id, 'draft' => $plan->isForDraft(),
            ]);
        }
        $this->say($said, $rest, $done, $plan);

        return self::SUCCESS;
    }

    /** @return list<Condition> */
    private function conditions(FilterSentence $sentence, PageKind $kind): array
    {
        $where = $this->option('where');

        return is_string($where) ? $sentence->read($kind, $where) : [];
    }

    /**
     * @param  list<Condition>  $conditions
     * @return list<int>|string the pages that are meant, or what is the matter
     */
    private function pages(FoundPages $found, PastedPages $pasted, PageKind $kind, array $conditions): array|string
    {
        $list = $this->option('list');
        if (is_string($list)) {
            $text = is_file($list) ? @file_get_contents($list) : false;
            $named = $text === false ? null : $pasted->find($kind, mb_scrub($text));

            return match (true) {
                $named === null => "There is no file “{$list}” that can be read.",
                $named['unknownCount'] > 0 => Counted::of($named['unknownCount'], 'line is', 'lines are')
                    .' not known: '.implode(', ', $named['unknown']).'. Nothing was changed.',
                default => $named['ids'],
            };
        }

        return $conditions === []
            ? 'Say which pages: --where with conditions as rules have them, or --list with a file. Nothing was changed.'
            : $found->page(new PageFilter($kind, conditions: $conditions), 0, self::MOST)[0];
    }

    /**
     * @param  array{moved: int, stays: int}  $said
     * @param  list<RemainingRow>  $rest
     */
    private function say(array $said, array $rest, ?Release $done, LayoutPlan $plan): void
    {
        foreach ($rest as $row) {
            $this->line('  '.Counted::of($row['count'], 'page stays', 'pages stay')." with “{$row['name']}”"
                .match ($row['why']) {
                    'pinned' => ', pinned to it.',
                    'keptOff' => ', because the template keeps them off.',
                    'season' => ', because the template’s season is not now.',
                    default => ', whose rule comes first'.($row['rules'] === [] ? '.'
                        : ": {$row['rules'][0]['words']}."),
                });
        }
        $moves = Counted::of($said['moved'], 'page moves', 'pages move');
        $this->info(match (true) {
            $plan->isForDraft() => 'The template is not live: its draft '.($this->option('dry-run') ? 'would get'
                : 'has')
                .' the rule.',
            $done === null => "Nothing was changed. $moves.",
            default => "Release $done->id: $moves. It is brought back as one.",
        });
    }
}
