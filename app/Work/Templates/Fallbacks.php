<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use LogicException;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Lists\Search\SearchIndex;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Starts\Starts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;

/** Sees to it that every kind of page, and cards, have a fallback: the shop is never left without a page. */
final readonly class Fallbacks
{
    public function __construct(
        private Templates $templates,
        private Starts $starts,
        private Composer $composer,
        private Searches $searches,
        private SearchIndex $index,
    ) {
    }

    /** Makes the fallback of every kind that has none yet, from the start that shops begin with. */
    public function see(?User $author = null): void
    {
        $there = Fallback::query()->toBase()->pluck('page_kind')->all();
        foreach ([...PageAddresses::kinds(), PageKind::Card] as $kind) {
            if (! in_array($kind->value, $there, true)) {
                $tree = $this->starts->tree($kind, Starts::usual($kind), $this->composer->schema)
                    ?? throw new LogicException("There is no usual start for $kind->value.");
                $this->templates->fallback(self::name($kind), $tree, $author, $kind);
                if ($kind === PageKind::Search) {
                    $this->searches->samples($this->index);
                }
            }
        }
    }

    private static function name(PageKind $kind): string
    {
        if ($kind === PageKind::Card) {
            return 'Plain card';
        }
        $subject = PageKinds::standard()->get($kind)->subject();

        return match (true) {
            $kind === PageKind::Product => 'Everything else',
            $kind->standsOnPages() => $kind === PageKind::Header ? 'Header of every page' : 'Footer of every page',
            $subject->isSingle() => ucfirst($subject->one()),
            default => 'Every other '.$subject->one(),
        };
    }
}
