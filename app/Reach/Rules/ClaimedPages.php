<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use Vestibra\App\Reach\Rules\Sql\ClaimRows;
use Vestibra\App\Reach\Rules\Sql\KeptRows;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\App\Records\Models\Pin;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Aspect;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\Claims;

/**
 * Which template pages of products have, from who claims them: asked anew, or by the claims that are kept.
 *
 * @phpstan-import-type Row from VerdictTally
 */
final readonly class ClaimedPages
{
    public const AT_ONCE = 20_000;

    /** @param  int  $few  so many are read and asked in memory; more, in the database */
    public function __construct(
        private ProductReader $products,
        private int $few = 200,
    ) {
    }

    /**
     * @param  list<int>  $pages
     * @param  bool  $isNow  whether it is asked about now; of another instant the database knows alone
     * @return array<int, Row> of those that customers can see
     */
    public function asked(KindRules $contest, array $pages, bool $isNow = true): array
    {
        $live = array_values(
            array_filter($contest->candidates, static fn (Candidate $candidate): bool => $candidate->live),
        );
        $rows = [];
        foreach (array_chunk($pages, self::AT_ONCE) as $some) {
            foreach ($isNow && count($some) <= $this->few
                ? $this->inMemory($contest, $live, $some)
                : ClaimRows::all($contest->ofFew(), $live, $some) as $page => $claims) {
                $all = Claims::none();
                foreach ($claims as $template => $claim) {
                    $all = $all->with($template, $claim);
                }
                $rows[$page] = [0, $all->written];
            }
        }

        return self::decided($contest, $rows);
    }

    /**
     * @param  list<Candidate>  $candidates
     * @param  list<int>  $pages
     * @return iterable<int, array<int, int>> of pages that customers can see: page => template => claim
     */
    private function inMemory(KindRules $contest, array $candidates, array $pages): iterable
    {
        foreach ($this->products->several($pages) as $product) {
            if (! $product->published) {
                continue;
            }
            $features = $contest->collections->judge($contest->pages->features($product));
            $claims = [];
            foreach ($candidates as $candidate) {
                $claim = $candidate->reach->claim($features);
                $claim === null || $claims[$candidate->templateId] = $claim;
            }
            foreach (array_keys($contest->collections->reaches) as $id) {
                $features->has(Aspect::Collection, $id) && $claims[Claims::collection($id)] = 0;
            }
            yield $product->id => $claims;
        }
    }

    /**
     * Which template pages have by the claims that are kept.
     *
     * @param  array<int, Row>  $rows  those of which nothing is known have 0 for the template
     * @param  int|null  $template  one whose claims are others, or a collection, as in `Claims`; null: they may stand
     *     in another order
     * @param  array<int, int>  $claims  its own, by page
     * @param  array<int, int|null>  $pins  instead of those that are stored
     * @return array<int, Row>
     */
    public static function decided(
        KindRules $contest,
        array $rows,
        ?int $template = null,
        array $claims = [],
        array $pins = [],
    ): array {
        $hand = self::hand($contest);
        $pins = self::effective($contest, array_replace(self::pins(), $pins));
        $decide = static function (int $has, string $written, ?int $claim) use ($contest, $template, $hand): array {
            $all = Claims::read($written);
            if ($template !== null) {
                $all = $all->with($template, $claim);
            }

            return [match (true) {
                // A collection claims nothing.
                $has !== 0 && $template !== null && $template < 0 => $has,
                $has === 0, $template === null, $has === $template => $all->strongest($hand) ?? $contest->fallbackId,
                $claim !== null && Claims::isStronger($claim, $template, $all->of($has), $has, $hand) => $template,
                default => $has,
            }, $all->written];
        };
        // Tens of thousands of pages are claimed in a few thousand ways.
        $known = [];
        foreach ($rows as $page => [$has, $written]) {
            $claim = $claims[$page] ?? null;
            $decided = $known[$has][$claim ?? -1][$written] ??= $decide($has, $written, $claim);
            $rows[$page] = isset($pins[$page]) ? [$pins[$page], $decided[1]] : $decided;
        }

        return $rows;
    }

    /**
     * @param  list<int>  $claimed
     * @param  list<int>  $pinned
     * @return array<int, Row> what is kept of pages that a template covers or has, and of others
     */
    public static function around(int $template, array $claimed, array $pinned): array
    {
        return self::with(KeptRows::touching($template), [...$claimed, ...$pinned]);
    }

    /**
     * @param  list<int>  $claimed
     * @param  list<int>  $pinned
     * @return array<int, Row> what is kept of pages that a template has, and of others: only these can become another's
     *     or its own
     */
    public static function deciding(int $template, array $claimed, array $pinned): array
    {
        return self::with(KeptRows::had($template), [...$claimed, ...$pinned]);
    }

    /**
     * @param  array<int, Row>  $rows
     * @param  list<int>  $others
     * @return array<int, Row> what is kept of other pages too
     */
    private static function with(array $rows, array $others): array
    {
        return $rows + KeptRows::of(array_keys(array_diff_key(array_flip($others), $rows)));
    }

    /** @return array<int, int> page => the template that it is pinned to, live or not */
    public static function pins(): array
    {
        return array_map(intval(...), Pin::query()->toBase()
            ->where('page_kind', PageKind::Product->value)
            ->pluck('template_id', 'subject_id')
            ->all());
    }

    /**
     * @param  array<int, int|null>  $pins
     * @return array<int, int> page => the live template that it is pinned to
     */
    private static function effective(KindRules $contest, array $pins): array
    {
        $live = [];
        foreach ($contest->candidates as $candidate) {
            $live[$candidate->templateId] = $candidate->live;
        }

        return array_filter(
            $pins,
            static fn (?int $template): bool => $template !== null && ($live[$template] ?? false),
        );
    }

    /** @return array<int, int> template => its place in hand order */
    private static function hand(KindRules $contest): array
    {
        return array_flip(array_map(
            static fn (Candidate $candidate): int => $candidate->templateId,
            $contest->candidates,
        ));
    }
}
