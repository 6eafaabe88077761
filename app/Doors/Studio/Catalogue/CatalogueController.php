<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Studio\Catalogue;

use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Vestibra\App\Doors\Requests\Asked;
use Vestibra\App\Doors\Requests\Screen;
use Vestibra\App\Doors\Requests\SignedIn;
use Vestibra\App\Doors\Studio\Answers\CatalogueAnswer;
use Vestibra\App\Doors\Studio\Answers\RuleTerms;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\SafeHtml;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Saving\EntryLog;
use Vestibra\App\Work\Saving\Merging;
use Vestibra\App\Work\Saving\Refusal;
use Vestibra\App\Work\Saving\Saving;
use Vestibra\App\Work\Sheets\RulePreview;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\Changing\Entry;
use Vestibra\Core\Catalogue\Changing\EntryReader;
use Vestibra\Core\Catalogue\Changing\FieldReader;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Selling\MoneyFormat;

/** Saving in the catalogue, what saving would do, and its history: the same for everything the shop knows. */
final readonly class CatalogueController
{
    private const MOST_KEY = 60;

    private const MOST_TITLE = 300;

    public function __construct(
        private Saving $saving,
        private CatalogueAnswer $answer,
        private EntryLog $log,
        private ShopClock $clock,
        private MoneyFormat $money,
    ) {
    }

    public function save(Request $request): JsonResponse
    {
        $entry = $this->entry($request);

        return $this->answer->of($entry instanceof Entry
            ? $this->saving->save(
                $entry,
                SignedIn::user(),
                Asked::flag($request, 'knowingly'),
                Asked::text($request, 'key', self::MOST_KEY),
            )
            : new Refusal($entry));
    }

    /** What a title suggests as address name, and is free. */
    public function addressName(Request $request, OldAddresses $addresses): JsonResponse
    {
        $thing = Thing::tryFrom(Asked::text($request, 'thing'));
        $name = AddressName::from(Asked::text($request, 'of', self::MOST_TITLE));

        return new JsonResponse(['name' => $thing === null || $name === ''
            ? $name
            : AddressName::free($name, static fn (string $one): bool => $addresses->isTaken($thing, $one))]);
    }

    public function foresee(Request $request): JsonResponse
    {
        $entry = $this->entry($request);

        return $this->answer->foreseen($entry instanceof Entry
            ? $this->saving->foresee($entry, Asked::flag($request, 'knowingly'))
            : new Refusal($entry));
    }

    /** What a rule about products can be made of. */
    public function terms(RuleTerms $terms): JsonResponse
    {
        return new JsonResponse($terms->of(PageKind::Product));
    }

    /** What a rule of a collection comes to, while it is being edited; nothing is stored. */
    public function rule(Request $request, RulePreview $preview): JsonResponse
    {
        $found = $preview->of(Asked::untrusted($request, 'rule'));

        return isset($found['problems'])
            ? new JsonResponse(ProblemWords::answer($found['problems']), 422)
            : new JsonResponse($found);
    }

    /** Makes one thing of two of a kind, or says what that would do. */
    public function merge(Request $request, string $thing, int $thingId, Merging $merging): JsonResponse
    {
        $entry = $merging->entry(Thing::from($thing), $thingId, Asked::id($request, 'into'));
        if ($entry instanceof Problem) {
            return $this->answer->of(new Refusal([$entry]));
        }

        return Asked::flag($request, 'foresee')
            ? $this->answer->foreseen($this->saving->foresee($entry))
            : $this->answer
                ->of($this->saving->save($entry, SignedIn::user(), true, Asked::text($request, 'key', self::MOST_KEY)));
    }

    public function takeBack(int $entryId): JsonResponse
    {
        return $this->answer->of($this->saving->takeBack($entryId, SignedIn::user()) ?? abort(404));
    }

    public function history(): View
    {
        return Screen::show('history', 'History of the catalogue', $this->log->page(null, 0, 1));
    }

    public function entries(Request $request): JsonResponse
    {
        return new JsonResponse($this->log
            ->page(Thing::tryFrom(Asked::text($request, 'thing')), Asked::id($request, 'id'), Asked::page($request)));
    }

    /** @return Entry|non-empty-list<Problem> */
    private function entry(Request $request): Entry|array
    {
        return (new EntryReader(
            new FieldReader($this->clock->zone, $this->money->digits(), $this->money->currency, SafeHtml::clean(...)),
        ))->read(Asked::untrusted($request, 'changes'));
    }
}
