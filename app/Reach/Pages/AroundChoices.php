<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Trees\TreeNames;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Pages\PageKind;

/**
 * What templates of pages choose for themselves: a header or footer by its number, or none. It comes before any rule.
 */
final readonly class AroundChoices
{
    public function __construct(
        private TreeNames $names,
        private KindRulesReader $rules,
        private KeptVerdicts $verdicts,
    ) {
    }

    /** @return Sql subject_id and template_id, 0 for none, of every page whose template chooses, live */
    public function of(PageKind $around, int $at): Sql
    {
        $parts = [];
        foreach ($this->byKind($around) as $name => $choices) {
            $kind = PageKind::from($name);
            $parts[] = PagePieces::chosen(
                $this->verdicts->winners($this->rules->live($kind)->at($at)),
                $kind,
                $choices,
            );
        }

        return $parts === []
            ? new Sql(PagePieces::NONE_CHOSEN)
            : Sql::join(' union all ', $parts);
    }

    /** @return list<string> the names of the templates that choose one, live or as drafts */
    public function choosing(PageKind $around, int $template): array
    {
        $ids = array_column($this->names->holding($around->value, [$template]), 'template');

        return array_values(array_map(
            strval(...),
            Template::query()->toBase()->whereIntegerInRaw('id', $ids)->orderBy('name')->pluck('name')->all(),
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
        foreach ($chosen === []
            ? []
            : Template::query()->toBase()->whereIntegerInRaw('id', array_keys($chosen))->orderBy(
                'id',
            )->get(['id', 'page_kind']) as $row) {
            if (PageKind::tryFrom($row->page_kind) !== null) {
                $byKind[$row->page_kind][(int) $row->id] = $chosen[$row->id];
            }
        }

        return $byKind;
    }
}
