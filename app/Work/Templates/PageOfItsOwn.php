<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;

/** A template for one page alone: it begins as that page is today, and its rule names the page. */
final readonly class PageOfItsOwn
{
    /** What a name may have, in letters. */
    private const LONGEST = 80;

    public function __construct(
        private Verdicts $verdicts,
        private Templates $templates,
    ) {
    }

    /**
     * The one that the page has already, also as a draft, else a new one.
     *
     * @return Template|null null where no rule can name such a page, or nothing lays it out
     */
    public function of(PageKind $kind, Subject $subject, User $author): ?Template
    {
        $reach = self::naming($kind, [$subject->id()]);
        if ($reach === null) {
            return null;
        }
        $own = Template::query()
            ->where('page_kind', $kind->value)
            ->where('let_go_at', null)
            ->get(['id', 'draft_reach'])
            ->first(static fn (Template $one): bool => $one->draft_reach === $reach->toArray());
        if ($own !== null) {
            return $own;
        }
        $today = Template::query()->find($this->verdicts->of($kind, $subject)->templateId);

        return $today === null
            ? null
            : $this->templates->ofToday(mb_substr($subject->title(), 0, self::LONGEST), $today, $reach, $author);
    }

    /**
     * Where a template of the kind appears when so many things are named for it: product pages by their categories,
     * other pages by themselves.
     *
     * @param  list<int>  $ids
     * @return Reach|null null where no rule can name such a page
     */
    public static function where(PageKind $kind, array $ids): ?Reach
    {
        return $kind === PageKind::Product
            ? new Reach([Clause::of(new Condition('category', 'isIn', $ids))])
            : self::naming($kind, $ids);
    }

    /** @param  list<int>  $ids */
    private static function naming(PageKind $kind, array $ids): ?Reach
    {
        $named = PageKinds::standard()->get($kind)->named()[0] ?? null;
        if ($named === null) {
            return null;
        }
        [$field, $comparison] = explode('.', $named);

        return new Reach([Clause::of(new Condition($field, $comparison, $ids))]);
    }
}
