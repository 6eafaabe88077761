<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Why;

use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Reach\Rules\Verdicts;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Loser;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\WhatIf;

/**
 * Of a template that covers pages and would be shown on none of them: which one has them, and the one click that helps.
 *
 * @phpstan-import-type Preview from ReachCounts
 *
 * @shape InTheWay array{template: int, name: string, count: int, why: string, do: 'earlier'|'goes-first'|'rule'|'pins',
 *     page: string}
 *     page: the address name of a page that shows it
 */
final readonly class InTheWay
{
    public function __construct(
        private Verdicts $verdicts,
        private PagesOfTheShop $pages,
    ) {
    }

    /**
     * @param  Preview  $preview  what the reach comes to
     * @return array{template: int, name: string, count: int, why: string, do: string, page: string}|null null where it
     *     is shown on something, or nothing to be covered
     */
    public function of(PageKind $kind, int $template, Reach $reach, array $preview): ?array
    {
        $first = $preview['pages'][0]['id'] ?? null;
        $subject = is_int($first) && $preview['shownOn'] === 0 && $preview['when'] === 'now'
            ? $this->pages->get($kind)->read($first)
            : null;
        if ($subject === null) {
            return null;
        }
        $verdict = $this->verdicts->explained($kind, $subject, (new WhatIf)->withReach($template, $reach));
        $lost = array_values(
            array_filter($verdict->losers, static fn (Loser $loser): bool => $loser->templateId === $template),
        )[0]
            ?? null;
        if ($lost === null) {
            return null;
        }
        $other = array_values(
            array_filter($preview['others'], static fn (array $one): bool => $one['template'] === $verdict->templateId),
        )[0]
            ?? null;
        [$why, $do] = match ($lost->reason) {
            Reason::LaterInHandOrder => ['is as close, and further up in the hand order', 'earlier'],
            Reason::PinDecides => ['has them by pins', 'pins'],
            Reason::LessClose => ['has a rule that is closer', $reach->goesFirst ? 'rule' : 'goes-first'],
            Reason::AnotherGoesFirst => ['goes first', $reach->goesFirst ? 'rule' : 'goes-first'],
            default => ['has them', 'rule'],
        };

        return [
            'template' => $verdict->templateId,
            'name' => $other['name'] ?? TemplateNames::of($verdict->templateId),
            'count' => $other['count'] ?? 1,
            'why' => $why,
            'do' => $do,
            'page' => $subject->slug(),
        ];
    }
}
