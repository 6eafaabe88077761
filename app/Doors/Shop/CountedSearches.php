<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shop;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\Core\Catalogue\Assortment;
use Vestibra\Core\Composing\Visit;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Selling\Search\Query;

/** What customers look for is counted: the search itself, and not its further pages, or what the owner tries out. */
final readonly class CountedSearches
{
    public function __construct(
        private Searches $searches,
        private SearchIndex $index,
    ) {
    }

    public function count(Request $request, Subject $subject, Visit $visit): void
    {
        if ($subject instanceof Assortment
            && $subject->kind() === SubjectKind::Query
            && $visit->page === 1
            && $visit->filters === []
            && $visit->sort === ''
            && ! $request->wantsJson()
            && Gate::denies('see-studio')) {
            $query = Query::of($subject->slug);
            $this->searches->note($query, $this->index->find($query));
        }
    }
}
