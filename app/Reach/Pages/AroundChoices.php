<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Sql;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\WinnersSql;
use Vestibra\App\Reach\Trees\TreeNames;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;

/**
 * What templates of pages choose for themselves: a header or footer by its number, or none. It comes before any rule.
 */
final readonly class AroundChoices
{
    public function __construct(
        private TreeNames $names,
        private KindRulesReader $rules,
    ) {
    }

    /** @return Sql subject_id and template_id, 0 for none, of every page whose template chooses, live */
    public function of(PageKind $around, int $at): Sql
    {
        $parts = [];
        foreach ($this->byKind($around) as $name => $choices) {
            $kind = PageKind::from($name);
            $cases = '';
            foreach ($choices as $template => $choice) {
                $cases .= " when $template then $choice";
            }
            $parts[] = WinnersSql::of($this->rules->live($kind)->at($at))->wrap(
                'select '
                    .AroundPage::number($kind, 0)
                    ." + page_id as subject_id, case template_id$cases end as template_id from (",
                ') where template_id in ('.implode(',', array_keys($choices)).')',
            );
        }

        return $parts === []
            ? new Sql('select null as subject_id, null as template_id where 0')
            : Sql::join(' union all ', $parts);
    }

    /** @return list<string> the names of the templates that choose one, live or as drafts */
    public function choosing(PageKind $around, int $template): array
    {
        $ids = array_column($this->names->holding($around->value, [$template]), 'template');

        return array_values(array_map(
            strval(...),
            DB::table('templates')->whereIntegerInRaw('id', $ids)->orderBy('name')->pluck('name')->all(),
        ));
    }

    /** @return array<string, array<int, int>> by page kind and template: what is chosen */
    private function byKind(PageKind $around): array
    {
        $chosen = [];
        foreach ($this->names->all($around->value) as $choice => $places) {
            foreach ($places as $place) {
                if ($place['live']) {
                    $chosen[$place['template']] = $choice;
                }
            }
        }
        $byKind = [];
        foreach ($chosen === [] ? [] : DB::table('templates')->whereIntegerInRaw('id', array_keys($chosen))->orderBy(
            'id',
        )->get(['id', 'page_kind']) as $row) {
            if (PageKind::tryFrom($row->page_kind) !== null) {
                $byKind[$row->page_kind][(int) $row->id] = $chosen[$row->id];
            }
        }

        return $byKind;
    }
}
