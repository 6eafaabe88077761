<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Closure;
use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Records\Models\Selection;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Finding\Sql\SelectionRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;

/**
 * What somebody has selected among the pages of a kind. It is kept with the shop's data, so that no scrolling, sorting,
 * filtering or reload empties it, and every window has the same; what a deed does to it can be undone.
 *
 * @phpstan-type State array{count: int, gone: int, revision: int, undo: bool}
 *
 * @shape SelectionState array{count: int, gone: int, revision: int, undo: bool}
 */
final readonly class Selections
{
    public function __construct(
        private FoundPages $found,
        private PagesOfTheShop $pages,
    ) {
    }

    public function of(User $user, PageKind $kind): Selection
    {
        return Selection::query()->where('user_id', $user->id)->where('page_kind', $kind->value)->first()
            ?? Selection::query()->createOrFirst(['user_id' => $user->id, 'page_kind' => $kind->value])->refresh();
    }

    /** @return State */
    public function state(Selection $selection): array
    {
        [$count, $gone] = SelectionRows::count($selection->id, $selection->side, $this->table($selection));

        return [
            'count' => $count,
            'gone' => $gone,
            'revision' => $selection->revision,
            'undo' => $selection->can_undo,
        ];
    }

    /** @param  list<int>  $ids */
    public function tick(Selection $selection, array $ids, bool $on): Selection
    {
        return $this->change($selection, self::put(SelectionRows::numbers($ids), $on), count($ids) > 1);
    }

    /** Every page that fits, or none of them. */
    public function all(Selection $selection, PageFilter $filter, bool $on): Selection
    {
        return $this->change($selection, self::put($this->found->all($filter), $on));
    }

    /** Of the pages that fit those that are not selected, instead of what is. */
    public function allBut(Selection $selection, PageFilter $filter): Selection
    {
        $ids = $this->found->all($filter);

        return $this->change(
            $selection,
            static fn (Selection $now) => SelectionRows::turn($now->id, $now->side, $ids),
        );
    }

    public function nothing(Selection $selection): Selection
    {
        return $this->change(
            $selection,
            static fn (Selection $now) => SelectionRows::clear($now->id, $now->side),
        );
    }

    /** As it was before the last deed; once more leads back. */
    public function undo(Selection $selection): Selection
    {
        return DB::transaction(static function () use ($selection): Selection {
            $now = Selection::query()->findOrFail($selection->id);
            $now->can_undo && $now->update(['side' => 1 - $now->side, 'revision' => $now->revision + 1]);

            return $now;
        });
    }

    /** @return list<int> the pages that are selected and there, by number */
    public function pages(Selection $selection): array
    {
        return SelectionRows::all($selection->id, $selection->side, $this->table($selection));
    }

    /**
     * @param  int|null  $revision  the selection that whoever asks has looked at; null for whichever it is
     * @return list<int>|Problem its pages, or that another window has changed it since
     */
    public function lookedAt(Selection $selection, ?int $revision): array|Problem
    {
        return $revision === null || $revision === $selection->revision
            ? $this->pages($selection)
            : ReleaseProblem::SelectedSince->at();
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> those of them that are selected
     */
    public function among(Selection $selection, array $ids): array
    {
        return SelectionRows::among($selection->id, $selection->side, $ids);
    }

    private function table(Selection $selection): string
    {
        return $this->pages->get(PageKind::from($selection->page_kind))->table();
    }

    /** @return Closure(Selection): void */
    private static function put(Sql $ids, bool $on): Closure
    {
        return static function (Selection $now) use ($ids, $on): void {
            $on
                ? SelectionRows::add($now->id, $now->side, $ids)
                : SelectionRows::remove($now->id, $now->side, $ids);
        };
    }

    /**
     * @param  Closure(Selection): void  $deed
     * @param  bool  $isLarge  more than a tick: what was before is kept, to be undone
     */
    private function change(Selection $selection, Closure $deed, bool $isLarge = true): Selection
    {
        return DB::transaction(static function () use ($selection, $deed, $isLarge): Selection {
            $now = Selection::query()->findOrFail($selection->id);
            $isLarge && SelectionRows::keep($now->id, $now->side);
            $deed($now);
            $now->update(['revision' => $now->revision + 1, 'can_undo' => $isLarge || $now->can_undo]);

            return $now;
        });
    }
}
