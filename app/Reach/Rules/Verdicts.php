<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\Sql\RuleRows;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\AroundPage;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Verdict;
use Vestibra\Core\Reach\WhatIf;

/** The verdict for one page. */
final readonly class Verdicts
{
    public function __construct(
        private KindRulesReader $contests,
        private LiveRules $live,
        private PagesOfTheShop $pages,
    ) {
    }

    public function of(PageKind $kind, Subject $subject): Verdict
    {
        [$evaluator, $pin] = $subject instanceof AroundPage
            ? [$this->live->of($kind), $this->pin($this->pages->get($kind), $subject)]
            : $this->live->on($kind, $subject);

        return $evaluator->decide($this->pages->get($kind)->features($subject), $pin);
    }

    /** With the reason why each other template lost. */
    public function explained(PageKind $kind, Subject $subject, WhatIf $supposed = new WhatIf): Verdict
    {
        $contest = $this->contests->all($kind, $supposed);

        return $contest
            ->evaluator()
            ->decide($contest->pages->features($subject), $this->pin($contest->pages, $subject), true);
    }

    /**
     * The header or footer of a page, where the page's own template chooses one by its number, 0 for none, or leaves it
     * to the rules.
     */
    public function around(AroundPage $page, ?int $choice, WhatIf $supposed): Verdict
    {
        $contest = $this->contests->all($page->around, $supposed);

        return $contest->evaluator()->decide($contest->pages->features($page), $choice, true);
    }

    /** Whether a template's rules match a page within their season, were it live with them. */
    public function matches(PageKind $kind, Subject $subject, int $templateId, WhatIf $supposed): bool
    {
        $contest = $this->contests->all($kind, $supposed);
        $features = $contest->collections->judge($this->pages->get($kind)->features($subject));

        return $contest->candidate($templateId)?->reach->atAnyTime()->match($features) !== null;
    }

    /**
     * The template that a page is pinned to, live or not. Its header or footer is what the page's own template chooses,
     * 0 for none.
     */
    public function pin(PagesOfKind $pages, Subject $subject): ?int
    {
        if ($subject instanceof AroundPage) {
            return PageAddresses::isPage($subject->page->value)
                ? self::chosen($subject->around, $this->of($subject->page, $subject->subject)->templateId)
                : null;
        }
        $pin = Pin::query()->toBase()
            ->where('page_kind', $pages->kind()->value)
            ->where('subject_id', $subject->id())
            ->value('template_id');

        return $pin === null ? null : (int) $pin;
    }

    private static function chosen(PageKind $around, int $template): ?int
    {
        $choice = json_decode(
            (string) RuleRows::around($template),
            true,
        );
        $choice = is_array($choice) ? $choice[$around->value] ?? true : true;

        return match (true) {
            $choice === false => Evaluator::NONE,
            is_int($choice) => $choice,
            default => null,
        };
    }
}
