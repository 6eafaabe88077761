<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Today;

use Illuminate\Support\Collection;
use stdClass;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Models\FailedJob;
use Vestibra\App\Ground\Models\Trouble;
use Vestibra\App\Lists\Search\Searches;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Models\Catalogue\Review;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Shop\Reviews;
use Vestibra\App\Words\ProblemWords;
use Vestibra\App\Work\Releases\Making\Deeds;
use Vestibra\App\Work\Tending\RuleMatters;
use Vestibra\App\Work\Today\Sql\PinsToDrafts;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Templates\TemplateRole;

/**
 * What needs attention, each with its next step.
 *
 * @phpstan-import-type Matter from RuleMatters
 */
final readonly class Attention
{
    private const MOST = 50;

    public function __construct(
        private KindRulesReader $contests,
        private ReachCounts $counts,
        private Composer $composer,
        private PagesOfTheShop $pages,
        private Searches $searched,
        private RuleMatters $tending,
    ) {
    }

    /** @return list<Matter> */
    public function list(): array
    {
        return array_slice([
            ...$this->failedReleases(),
            ...$this->failedBlocks(),
            ...$this->reviews(),
            ...$this->searches(),
            ...$this->deadJobs(),
            ...$this->templates(),
            ...$this->pins(),
        ], 0, self::MOST);
    }

    /** @return list<Matter> */
    private function searches(): array
    {
        $nothing = $this->searched->nothing();

        return $nothing === 0 ? [] : [self::matter(
            'searches-found-nothing',
            Counted::of($nothing, 'thing', 'things').' that customers looked for found nothing.',
            'See what they meant',
            '/studio/search',
        )];
    }

    /** @return list<Matter> */
    private function reviews(): array
    {
        $waiting = Review::query()->toBase()->where('state', Reviews::WAITING)->count();

        return $waiting === 0 ? [] : [self::matter(
            'reviews-wait',
            Counted::of($waiting, 'review waits', 'reviews wait').' to be read.',
            'Read them',
            '/studio/reviews',
        )];
    }

    /** @return list<Matter> of templates of kinds that this version does not know, and of every other kind */
    private function templates(): array
    {
        $unknown = Template::query()->toBase()->where('role', TemplateRole::Page->value)
            ->whereNull('let_go_at')
            ->whereNotIn('page_kind', PageAddresses::names())
            ->orderBy('name')
            ->get(['name', 'page_kind'])
            ->all();
        $matters = array_map(static fn (stdClass $row): array => self::matter(
            'unknown-kind',
            "“{$row->name}” is for pages of the kind “{$row->page_kind}”, which this version does not know. It is "
                .'kept, and shown nowhere.',
            'See the templates',
            '/studio/templates',
        ), array_values($unknown));

        $names = Template::query()->toBase()->pluck('name', 'id')->all();

        return array_merge(
            $matters,
            ...array_map(fn (PageKind $kind): array => $this->ofKind($kind, $names), PageAddresses::kinds()),
        );
    }

    /**
     * @param  array<array-key, mixed>  $names  of templates
     * @return list<Matter> live and shown on nothing, rules that name what was deleted, pages on the fallback
     */
    private function ofKind(PageKind $kind, array $names): array
    {
        $contest = $this->contests->all($kind);
        $matters = $this->tending->deleted($contest);
        $live = $this->counts->live($kind);
        foreach ($contest->candidates as $candidate) {
            $id = $candidate->templateId;
            if ($candidate->live && $live[$id]['shownOn'] === 0 && $id !== $contest->fallbackId) {
                $words = match ($live[$id]['when']) {
                    'now' => "“{$names[$id]}” is live and shown on no page.",
                    'ahead' => "“{$names[$id]}” will be shown on no page when its season begins.",
                    default => "“{$names[$id]}” is live, and its season is over.",
                };
                $matters[] = self::matter(
                    'shown-on-nothing',
                    $words,
                    'See where it appears',
                    "/studio/templates/$id?view=reach",
                );
            }
        }
        $onFallback = $live[$contest->fallbackId]['shownNow'] ?? 0;
        $subject = PageKinds::standard()->get($kind)->subject();
        // Most pages have the usual header and footer, and are to.
        if (! $kind->standsOnPages() && $onFallback > 0 && count($contest->liveReaches()) > 1) {
            $matters[] = self::matter(
                'on-fallback',
                Counted::of($onFallback, $subject->page().' is', $subject->pages().' are')
                    ." on the fallback, “{$names[$contest->fallbackId]}”.",
                'See which',
                "/studio/who?kind=$kind->value&template=$contest->fallbackId",
            );
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function pins(): array
    {
        return array_map(static fn (stdClass $row): array => self::matter(
            'pin-to-draft',
            Counted::of(
                $row->count,
                self::subject($row->page_kind)->one().' is',
                self::subject($row->page_kind)->many().' are',
            )." pinned to “{$row->name}”, which is not live; this is skipped.",
            'Publish it',
            "/studio/templates/$row->id?view=publish",
        ),
            PinsToDrafts::all());
    }

    private static function subject(string $pageKind): SubjectKind
    {
        $kind = PageKind::tryFrom($pageKind);

        return $kind === null ? SubjectKind::Nothing : PageKinds::standard()->get($kind)->subject();
    }

    /** @return list<Matter> */
    private function failedBlocks(): array
    {
        $rows = array_values(Trouble::query()->toBase()
            ->join('templates', 'templates.id', '=', 'troubles.template_id')
            ->orderByDesc('troubles.seen_at')
            ->limit(20)
            ->get(['troubles.*', 'templates.name as template', 'templates.page_kind', 'templates.role'])
            ->all());

        return array_map(function (stdClass $row): array {
            $kind = PageAddresses::knows($row->page_kind) ? $row->page_kind : PageKind::Product->value;
            $title = $this->pages->get($kind)->rows([$row->subject_id])[0]['title'] ?? 'a page that is gone';

            return self::matter(
                'block-failed',
                'The block “'.($this->composer->schema->definition($row->kind)->name ?? $row->kind).'” of '.(
                    $row->draft ? 'the draft of ' : ''
                )."“{$row->template}” failed on “{$title}” and was left out.",
                'Open it with this '.self::subject($kind)->one(),
                "/studio/templates/$row->template_id?sample=$row->subject_id",
                $row->id,
            );
        }, $rows);
    }

    /** @return list<Matter> */
    private function failedReleases(): array
    {
        $matters = [];
        /** @var Collection<int, Release> $failed */
        $failed = Release::query()->where('state', Release::FAILED)->latest('id')->limit(10)->get();
        foreach ($failed as $release) {
            $matters[] = self::matter(
                'release-failed',
                'A release that waited was not made. '
                    .ProblemWords::kept((string) $release->trouble, Deeds::words($release->change_set)),
                'See the releases',
                '/studio/releases',
            );
        }

        return $matters;
    }

    /** @return list<Matter> */
    private function deadJobs(): array
    {
        $count = FailedJob::query()->toBase()->count();

        return $count === 0 ? [] : [self::matter(
            'job-died',
            Counted::of($count, 'piece').' of work in the background died.',
            'Try again',
            '/studio/today/jobs',
        )];
    }

    /** @return Matter */
    private static function matter(
        string $what,
        string $words,
        string $step,
        string $address,
        ?int $settle = null,
    ): array {
        return [
            'what' => $what,
            'words' => $words,
            'step' => ['words' => $step, 'address' => $address] + ($settle === null ? [] : ['settle' => $settle]),
        ];
    }
}
