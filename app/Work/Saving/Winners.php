<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Saving;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\FindsPages;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\LiveRules;
use Vestibra\App\Reach\Rules\Sql\WinnersSql;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Saving\Sql\MovingPages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Evaluator;

/**
 * Which template wins which page, on one side of a change: among many templates few pages are asked in memory with the
 * rules that are kept compiled, else all in the database.
 */
final class Winners
{
    private const IN_MEMORY = 40;

    /** So many are asked of the database each by itself. */
    private const FEW = 2_000;

    /** Live templates of a kind from which on a page is cheaper to read than they are to compile for the database. */
    private const MANY_TEMPLATES = 25;

    /** @var array<string, KindRules> */
    private array $rules = [];

    /** @var array<string, bool> by page kind */
    private array $many = [];

    /** @var array<string, Evaluator> */
    private array $evaluators = [];

    /**
     * @param  LiveRules|null  $kept  null where they are made anew: what they depend on has changed in this very
     *     transaction
     */
    public function __construct(
        private readonly KindRulesReader $reader,
        private readonly ?LiveRules $kept,
        private readonly Verdicts $verdicts,
    ) {
    }

    /** Writes them into a table with the columns page_kind, page_id and template_id. */
    public function into(string $table, PagesOfKind $pages, Sql $among): void
    {
        $kind = $pages->kind();
        $few = array_column(MovingPages::few($pages, $among, self::FEW), 'id');
        $isFew = count($few) <= self::FEW;
        if (! $isFew || count($few) > self::IN_MEMORY || ! $this->hasMany($kind)) {
            $rules = $this->rules[$kind->value] ??= $this->reader->live($kind);
            MovingPages::fill($table, $kind, $isFew
                ? WinnersSql::of($rules->ofFew(), new Sql('p.id in ('.implode(',', $few).')'))
                : WinnersSql::of($rules, $among));

            return;
        }
        $rows = [];
        foreach ($few as $id) {
            $subject = $pages->read((int) $id);
            if ($subject !== null) {
                $rows[] = [
                    'page_kind' => $kind->value,
                    'page_id' => (int) $id,
                    'template_id' => $this->evaluator($pages)
                        ->decide($pages->features($subject), $this->verdicts->pin($pages, $subject))->templateId,
                ];
            }
        }
        $rows === [] || Rows::in($table)->insert($rows);
    }

    private function hasMany(PageKind $kind): bool
    {
        return $this->many[$kind->value] ??=
            Template::query()->toBase()->where('page_kind', $kind->value)->whereNotNull(
                'live_revision',
            )->count() > self::MANY_TEMPLATES;
    }

    private function evaluator(FindsPages $pages): Evaluator
    {
        $kind = $pages->kind();

        return $this->evaluators[$kind->value] ??= $this->kept?->of($kind)
            ?? ($this->rules[$kind->value] ??= $this->reader->live($kind))->evaluator();
    }
}
