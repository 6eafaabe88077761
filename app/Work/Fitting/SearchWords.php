<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Fitting;

use Vestibra\App\PagesOut\PageHead;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Fitting\Finding;
use Vestibra\Core\Fitting\Matter;
use Vestibra\Core\Pages\Subject;

/** What search engines are told of the pages of one template, held against each other. */
final class SearchWords
{
    /**
     * @var array<string, int|true> by folded title: the first page that has it; true once it was said of that one too
     */
    private array $titles = [];

    /** @return list<array{int, Finding}> each with the page that it is about, which may be an earlier one */
    public function check(ComposedPage $page, Subject $subject): array
    {
        if (! PageHead::isFor($subject) || ! $subject->isShown()) {
            return [];
        }
        [$title, $words] = PageHead::words($page, $subject);
        $findings = trim($words) === ''
            ? [[$subject->id(), new Finding(Matter::NoWords, null, 'Search engines are told nothing but the title')]]
            : [];
        $key = Folding::fold($title);
        $first = $this->titles[$key] ?? null;
        if ($first === null || $key === '') {
            $this->titles[$key] = $subject->id();

            return $findings;
        }
        $same = new Finding(Matter::SameTitle, null, 'Several pages have the same title for search engines');
        $this->titles[$key] = true;

        return [...$findings, ...(is_int($first) ? [[$first, $same]] : []), [$subject->id(), $same]];
    }
}
