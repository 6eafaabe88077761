<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\App\Ground\Counted;
use Vestibra\Core\Pages\SubjectKind;
use Vestibra\Core\Reach\Closeness;
use Vestibra\Core\Reach\DecidedBy;
use Vestibra\Core\Reach\Loser;
use Vestibra\Core\Reach\Reason;
use Vestibra\Core\Reach\Verdict;

/** Verdicts in the shopkeeper's words. */
final readonly class VerdictWords
{
    public function winner(Verdict $verdict, SubjectKind $subject): string
    {
        return match (true) {
            $verdict->unruled => "Wins: no rule takes this {$subject->one()}, so it gets the fallback.",
            $verdict->step === DecidedBy::Pin && $subject === SubjectKind::AnyPage =>
                'Wins: the page’s own template chooses it.',
            $verdict->step === DecidedBy::Pin => "Wins: the {$subject->one()} is pinned to it.",
            $verdict->step === DecidedBy::GoesFirst => 'Wins: it goes first, and its rule matches.',
            default => 'Wins: the closest rule that matches.',
        }.(
            $verdict->pinSkipped
                ? (
                    $subject === SubjectKind::AnyPage
                        ? ' The page’s own template chooses one that is not live; that was skipped.'
                        : " The {$subject->one()} is pinned to a template that is not live; the pin was skipped."
                )
                : ''
        );
    }

    public function loser(Loser $loser, Verdict $verdict, SubjectKind $subject): string
    {
        return match ($loser->reason) {
            Reason::NotLive => $loser->wouldWin ? 'Not live. It would win here if it were published.' : 'Not live.',
            Reason::OutOfSeason => $loser->wouldWin
                ? 'Out of season. Within its season it would win here.'
                : 'Out of season.',
            Reason::NoClauseMatched => $loser->clause === null ? 'It has no rule yet.' : 'Does not match.',
            Reason::KeptOff => "Matches, but keeps off this {$subject->one()}.",
            Reason::PinDecides => $subject === SubjectKind::AnyPage
                ? 'Matches, but the page’s own template chooses.'
                : 'Matches, but a pin decides.',
            Reason::AnotherGoesFirst => 'Matches, but another one goes first.',
            Reason::LessClose => 'Matches too, but is less close: '
                .self::difference($loser->closeness ?? new Closeness, $verdict->closeness ?? new Closeness, $subject)
                .'.',
            Reason::LaterInHandOrder => 'Is as close, but stands later in the list of templates.',
            Reason::NotNeeded => 'Not needed.',
        };
    }

    /** @return string as "1 group of goods, category 3 levels down" */
    public function closeness(?Closeness $closeness): string
    {
        if ($closeness === null) {
            return '';
        }
        $parts = array_filter([
            $closeness->named > 0 ? 'named itself' : '',
            $closeness->grouped > 0 ? Counted::of($closeness->grouped, 'group of goods', 'groups of goods') : '',
            $closeness->depth > 0 ? 'category '.Counted::of($closeness->depth, 'level').' down' : '',
            $closeness->narrowed > 0 ? Counted::of($closeness->narrowed, 'condition').' besides' : '',
        ]);

        return $parts === [] ? 'everything' : implode(', ', $parts);
    }

    private static function difference(Closeness $loser, Closeness $winner, SubjectKind $subject): string
    {
        return match (true) {
            $winner->named > $loser->named => "the winner names this very {$subject->one()}",
            $winner->grouped > $loser->grouped => 'the winner asks for more of category, collection, brand and tag',
            $winner->depth > $loser->depth => 'the winner names a category deeper down',
            default => 'the winner asks for more besides',
        };
    }
}
