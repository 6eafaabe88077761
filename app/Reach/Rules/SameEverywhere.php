<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules;

use DateTimeImmutable;
use Vestibra\App\Reach\Rules\Sql\ReachRows;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\CompiledReach;
use Vestibra\Core\Reach\Evaluator;
use Vestibra\Core\Reach\Features;

/**
 * Where the live templates of a kind ask nothing of a page, as headers and footers mostly do, all pages are answered at
 * once: only those that are fixed to a template are counted.
 */
final readonly class SameEverywhere
{
    /** @return array<int, array{int, int, int}>|null covers, shown on, won: by live template; null: some rule asks */
    public static function numbers(KindRules $contest): ?array
    {
        foreach ($contest->candidates as $candidate) {
            if (self::asks($candidate->reach)) {
                return null;
            }
        }
        $page = Features::single(PageKind::Home, new DateTimeImmutable("@$contest->at"))
            ->around($contest->pages->kind());
        $winner = $contest->evaluator()->decide($page)->templateId;
        $all = ReachRows::visible($contest);
        $numbers = $fixed = [];
        foreach (ReachRows::fixed($contest) as $template => $count) {
            if ($template === Evaluator::NONE || $contest->candidate($template)?->live === true) {
                $fixed[$template] = $count;
            }
        }
        foreach ($contest->candidates as $candidate) {
            $id = $candidate->templateId;
            $covers = $candidate->reach->match($page) === null ? 0 : $all;
            $shownOn = ($fixed[$id] ?? 0) + ($id === $winner ? $all - array_sum($fixed) : 0);
            $numbers[$id] = [$covers, $shownOn, $covers === 0 ? 0 : $shownOn];
        }

        return $numbers;
    }

    private static function asks(CompiledReach $reach): bool
    {
        foreach ($reach->checks() as $check) {
            return true;
        }

        return false;
    }
}
