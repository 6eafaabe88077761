<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Sheets;

use Illuminate\Support\Facades\DB;
use stdClass;
use Vestibra\App\Ground\Problems\FactProblem;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Trees\WhereNamed;
use Vestibra\App\Records\Catalogue\CountsMissed;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\App\Records\Models\Catalogue\Fact;
use Vestibra\App\Records\Models\Catalogue\FactValue;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Sheets\Sql\FactRows;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;

/**
 * The facts as the owner defines, groups and orders them. Things name them by number, so renaming is free.
 *
 * @phpstan-type Row array{id: int, name: string, kind: string, unit: string, decimals: int, choices: list<string>,
 *     group: string, filled: int}
 * @phpstan-type Given array{name: string, kind: string, unit: string, decimals: int, choices: list<string>,
 *     group: string}
 *
 * @shape Fact array{id: int, name: string, kind: FactKind, unit: string, decimals: int, choices: list<string>,
 *     group: string, filled: int}
 * @shape FactUses array{products: int, templates: list<array{id: int, name: string, live: bool, rule: bool,
 *     page: bool}>}
 */
final readonly class FactList
{
    public const MOST = 200;

    public function __construct(
        private WhereNamed $named,
        private KindRulesReader $rules,
    ) {
    }

    /** @return list<Row> in the owner's order */
    public function all(): array
    {
        $rows = FactRows::all();
        CountsMissed::in($rows);

        return array_map(static function (stdClass $row): array {
            $choices = json_decode($row->choices ?? '[]', true);

            return [
                'id' => $row->id,
                'name' => $row->name,
                'kind' => $row->kind,
                'unit' => $row->unit,
                'decimals' => $row->decimals,
                'choices' => is_array($choices) ? array_values(array_filter($choices, is_string(...))) : [],
                'group' => $row->group_name,
                'filled' => $row->filled,
            ];
        }, $rows);
    }

    /**
     * @param  Given  $given
     * @return int|Problem its number
     */
    public function define(array $given): int|Problem
    {
        if (Fact::query()->toBase()->count() >= self::MOST) {
            return FactProblem::TooMany->at('', ['most' => self::MOST]);
        }
        $taken = $this->problem($given, null);

        return $taken ?? (int) Fact::query()->toBase()->insertGetId(self::columns($given) + [
            'kind' => $given['kind'],
            'decimals' => $given['decimals'],
            'position' => (int) Fact::query()->toBase()->max('position') + 1,
        ]);
    }

    /**
     * Name, unit, choices and group may change; what kind of values it takes may not.
     *
     * @param  Given  $given
     */
    public function change(int $id, array $given): ?Problem
    {
        $problem = $this->problem($given, $id);
        if ($problem === null) {
            Fact::query()->toBase()->where('id', $id)->update(self::columns($given));
        }

        return $problem;
    }

    /** @param  list<int>  $ids  in their new order; others keep theirs behind them */
    public function order(array $ids): void
    {
        DB::transaction(static function () use ($ids): void {
            $rest = Fact::query()->toBase()->whereNotIn('id', $ids)->orderBy('position')->orderBy('id')->pluck(
                'id',
            )->all();
            foreach ([...$ids, ...$rest] as $position => $id) {
                Fact::query()->toBase()->where('id', $id)->update(['position' => $position + 1]);
            }
        });
    }

    /**
     * @return array{products: int, templates: list<array{id: int, name: string, live: bool, rule: bool, page: bool}>}
     *     where it is used
     */
    public function uses(int $id): array
    {
        $pages = array_column($this->named->places($id, 'fact'), 'id');
        $templates = [];
        foreach (Template::query()->toBase()->whereNull('let_go_at')
            ->orderBy('name')
            ->get(['id', 'name', 'page_kind', 'draft_reach', 'live_reach', 'live_revision']) as $row) {
            $page = in_array($row->id, $pages, true);
            $rule = $row->page_kind === PageKind::Product->value
                && ($this->asks($row->draft_reach, $id) || $this->asks($row->live_reach, $id));
            if ($page || $rule) {
                $templates[] = [
                    'id' => $row->id,
                    'name' => $row->name,
                    'live' => $row->live_revision !== null,
                    'rule' => $rule,
                    'page' => $page,
                ];
            }
        }

        return [
            'products' => FactValue::query()->toBase()->where('fact_id', $id)->distinct()->count('product_id'),
            'templates' => $templates,
        ];
    }

    public function delete(int $id): void
    {
        $products = array_map(
            intval(...),
            FactValue::query()->toBase()->where('fact_id', $id)->distinct()->pluck('product_id')->all(),
        );
        Fact::query()->toBase()->where('id', $id)->delete();
        $products === [] || ProductIndex::words('p.id in ('.implode(',', $products).')');
    }

    /** Whether a stored rule looks at the fact. */
    private function asks(?string $stored, int $id): bool
    {
        $reach = $stored === null ? new Reach : $this->rules->stored(json_decode($stored, true), PageKind::Product);
        foreach ([...$reach->show, ...$reach->keepOff] as $clause) {
            foreach ($clause->conditions as $condition) {
                if ($condition->field === 'fact' && $condition->of === $id) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  Given  $given */
    private function problem(array $given, ?int $id): ?Problem
    {
        $folded = Folding::fold($given['name']);
        $other = Fact::query()->toBase()->where('name_folded', $folded)->value('id');

        return match (true) {
            $folded === '' => FactProblem::NoName->at(),
            $other !== null && $other !== $id => FactProblem::NameTaken->at('', ['name' => $given['name']]),
            FactKind::tryFrom($given['kind']) === null => FactProblem::UnknownKind->at(),
            $given['kind'] === FactKind::Choice->value && $given['choices'] === [] => FactProblem::NoChoices->at(),
            default => null,
        };
    }

    /**
     * @param  Given  $given
     * @return array<string, mixed>
     */
    private static function columns(array $given): array
    {
        return [
            'name' => trim($given['name']),
            'name_folded' => Folding::fold($given['name']),
            'unit' => $given['unit'],
            'choices' => $given['choices'] === [] ? null : json_encode($given['choices'], JSON_THROW_ON_ERROR),
            'group_name' => $given['group'],
        ];
    }
}
