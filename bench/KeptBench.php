<?php

declare(strict_types=1);

namespace Vestibra\Bench;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\KeptVerdicts;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Demo\BusyShop;

/** Verdicts that are kept, against counting every page anew, with 26 live templates for products' pages. */
final class KeptBench
{
    private const MANY = 10_000;

    /** @return list<array<string, mixed>> */
    public function run(int $size): array
    {
        DB::beginTransaction();
        try {
            app(BusyShop::class)->fill(User::query()->firstOrFail());

            return $this->rows($size);
        } finally {
            DB::rollBack();
        }
    }

    /** @return list<array<string, mixed>> */
    private function rows(int $size): array
    {
        $rebuilt = Timing::once(static fn () => self::anew(KeepingVerdicts::class)->rebuild());
        $contest = self::anew(KindRulesReader::class)->live(PageKind::Product);
        $numbers = self::anew(KeptVerdicts::class)->numbers();
        $counted = self::counted($contest);
        if (array_intersect_key($numbers ?? [], $counted) != $counted) {
            throw new RuntimeException('What is kept is not what counting gives.');
        }
        $samples = Timing::both(
            static fn () => self::anew(KeptVerdicts::class)->numbers(),
            static fn () => self::counted($contest),
            $size > self::MANY ? 3 : 7,
        );
        [$ours, $theirs] = [Timing::median($samples['ours']), Timing::median($samples['theirs'])];
        $rows = [[
            'what' => 'numbers of all templates, against counting anew',
            'products' => $size, 'ratio' => round($ours / $theirs, 4), 'goal' => 'at most 0.1',
            'ours' => round($ours, 1), 'theirs' => round($theirs, 1), 'samples' => $samples,
        ], [
            'what' => 'all kept anew, in the background',
            'products' => $size, 'ratio' => round($rebuilt / 10_000, 2), 'goal' => 'under 10 s',
            'ours' => round($rebuilt, 1), 'samples' => [$rebuilt],
        ]];
        $rows[] = Timing::limited('one price saved, until every number is right', $size, 50, self::priced(...));
        if ($size >= self::MANY) {
            $many = static fn () => self::priced(self::MANY);
            $rows[] = Timing::limited('10,000 prices, until every number is right', $size, 2_000, $many, 3);
        }
        $rows[] = Timing::limited('a template with other rules, the same', $size, 3_000, self::ruled(...), 3);

        return [...$rows, self::previewed($size)];
    }

    /** @return array<string, mixed> of all live templates, the slowest */
    private static function previewed(int $size): array
    {
        $samples = [0.0];
        foreach (Template::query()->where('page_kind', 'product')->whereNotNull('live_revision')->get() as $template) {
            $reach = self::anew(KindRulesReader::class)->stored($template->live_reach, PageKind::Product);
            $samples[] = Timing::once(static fn () => self::anew(ReachCounts::class)
                ->preview(PageKind::Product, $template->id, $reach));
        }

        return [
            'what' => 'a rule’s preview, the slowest of '.count($samples),
            'products' => $size, 'ratio' => round(max($samples) / 300, 2), 'goal' => 'under 300 ms',
            'ours' => round(max($samples), 1), 'samples' => $samples,
        ];
    }

    private static function priced(int $until = 1): void
    {
        DB::table('variants')->where('product_id', '<=', $until)->increment('price');
        self::anew(KeptVerdicts::class)->numbers();
    }

    private static function ruled(): void
    {
        $templates = Template::query()->where('page_kind', 'product')->whereNotNull('live_revision')->orderBy('id')
            ->limit(12)->get();
        [$one, $other] = [$templates[5], $templates[10]];
        DB::table('templates')->where('id', $one?->id)->update(['live_reach' => json_encode($other?->live_reach)]);
        DB::table('templates')->where('id', $other?->id)->update(['live_reach' => json_encode($one?->live_reach)]);
        self::anew(KeptVerdicts::class)->numbers();
    }

    /** @return array<int, array{int, int, int}> */
    private static function counted(KindRules $contest): array
    {
        $covers = $counted = [];
        foreach ($contest->candidates as $candidate) {
            if ($candidate->reach->season->holds($contest->at)) {
                $covers[$candidate->templateId] = $contest->sql()->covers($candidate->reach);
            }
        }
        foreach (ReachRows::several($contest, $covers) as $row) {
            $counted[$row->id] = [$row->covers, $row->shown_on, $row->won];
        }

        return $counted;
    }

    /**
     * As another request would.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private static function anew(string $class): object
    {
        app()->forgetScopedInstances();

        return app($class);
    }
}
