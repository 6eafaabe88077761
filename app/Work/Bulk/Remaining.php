<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\App\Work\Releases\Making\AskedByChanges;
use Vestibra\Core\Pages\PageKind;

/**
 * Which of the pages that a deed means would stay with another template, and why.
 *
 * @phpstan-type Row array{template: int, name: string, count: int, why: 'pinned'|'rule'}
 *
 * @shape RemainingRow array{template: int, name: string, count: int, why: 'pinned'|'rule'}
 */
final readonly class Remaining
{
    private const AT_ONCE = 5_000;

    public function __construct(
        private Impact $impact,
        private AskedByChanges $shop,
    ) {
    }

    /** @return list<Row> the largest first */
    public function of(LayoutPlan $plan, PageKind $kind, LayoutDeed $deed): array
    {
        $template = $plan->template;
        // A pin comes before everything else.
        if ($template === null || $plan->isForDraft() || $deed === LayoutDeed::Pin) {
            return [];
        }
        $pins = array_map(intval(...), Pin::query()->toBase()
            ->where('page_kind', $kind->value)
            ->pluck('template_id', 'subject_id')
            ->all());
        $freed = $plan->changes->supposed($this->shop)->pins;
        $rows = [];
        foreach (array_chunk($plan->pages, self::AT_ONCE) as $some) {
            foreach ($this->impact->winners($kind, $plan->changes, $some) as $page => $winner) {
                if (($winner === $template->id) === ($deed === LayoutDeed::KeepOff)) {
                    $pin = array_key_exists("$kind->value/$page", $freed)
                        ? $freed["$kind->value/$page"]
                        : $pins[$page] ?? null;
                    $why = $pin === $winner ? 'pinned' : 'rule';
                    $rows["$winner $why"] ??= ['template' => $winner, 'name' => '', 'count' => 0, 'why' => $why];
                    $rows["$winner $why"]['count']++;
                }
            }
        }
        usort($rows, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);
        $names = $rows === [] ? [] : TemplateNames::all();

        return array_map(
            static fn (array $row): array => ['name' => $names[$row['template']] ?? ''] + $row,
            $rows,
        );
    }
}
