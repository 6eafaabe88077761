<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use LogicException;
use Vestibra\App\PagesOut\Sql\PlacedTrees;
use Vestibra\App\Reach\Trees\CardPlaces;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\Core\Templates\Node;

/**
 * The trees of cards, as they are live: the one that a grid chose, else the fallback card. One query for each card on a
 * page.
 */
final class LiveCards
{
    /** @var array<string, Node> trees by number and revision */
    private array $read = [];

    /** Where a start is looked at, which is no card of the shop yet. */
    public const START = PHP_INT_MAX;

    /** @var array<int, Node> */
    private array $lent = [];

    public function __construct(private readonly StoredDrafts $stored)
    {
    }

    /** A tree that stands in the place of a card while one page is made. */
    public function lend(int $card, Node $tree): void
    {
        $this->lent[$card] = $tree;
    }

    /**
     * @param  int|null  $card  null for the fallback card, which also takes the place of one that is gone or was never
     *     live
     * @param  list<int>  $drafts  templates whose drafts are taken instead of what is live
     *
     * @throws LogicException when the shop has no card at all
     */
    public function tree(?int $card, array $drafts = []): Node
    {
        if ($this->lent !== [] && isset($this->lent[$card ?? CardPlaces::fallback()])) {
            return $this->lent[$card ?? CardPlaces::fallback()];
        }
        $rows = PlacedTrees::cards($card);
        foreach ($card === null
            ? array_filter($rows, static fn (object $row): bool => (bool) ($row->fallback ?? false))
            : $rows as $row) {
            $draft = in_array($row->id, $drafts, true);
            $stored = $draft ? $row->draft_tree : $row->live_tree;
            if ($stored === null) {
                continue;
            }
            try {
                return $this->read["$row->id ".($draft ? "draft $row->draft_revision" : "live $row->live_revision")] ??=
                    $this->stored->tree(json_decode($stored, true));
            } catch (LogicException $error) {
                report($error);
            }
        }

        throw new LogicException('The shop has no card.');
    }
}
