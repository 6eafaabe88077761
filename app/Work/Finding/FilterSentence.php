<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Finding;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Words\ReachWords;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\Clause;
use Vestibra\Core\Reach\Condition;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;

/**
 * The conditions of a list's sentence: read as rules are, and said as rules are.
 *
 * @shape FoundClause array{conditions: list<Condition>, phrases: list<Phrase>, names: Names}
 */
final readonly class FilterSentence
{
    public function __construct(
        private ShopClock $clock,
        private FactBook $facts,
        private ReachCounts $counts,
        private ReachWords $words,
    ) {
    }

    /**
     * @param  string  $where  JSON of a list of conditions
     * @return list<Condition> what cannot be read asks for nothing
     */
    public function read(PageKind $kind, string $where): array
    {
        $given = $where === '' ? null : json_decode($where, true, 8);
        $reach = is_array($given)
            ? (new ReachReader(RuleFields::standard(), $this->clock->zone, $kind, $this->facts->all()))->parse([
                'format' => Reach::FORMAT,
                'show' => [$given],
                'keepOff' => [],
                'season' => [],
                'goesFirst' => false,
            ])
            : null;

        return $reach instanceof Reach ? ($reach->show[0] ?? Clause::of())->conditions : [];
    }

    /**
     * @param  list<Condition>  $conditions
     * @return array{conditions: list<array<string, mixed>>, phrases: list<array{what: string, values: string}>,
     *     names: object}
     */
    public function said(PageKind $kind, array $conditions): array
    {
        $clause = Clause::of(...$conditions);
        $reach = new Reach($conditions === [] ? [] : [$clause]);
        $names = $this->counts->names($reach);

        return [
            'conditions' => $clause->toArray(),
            'phrases' => $this->words->sentence($reach, $names, $kind)['show'][0] ?? [],
            'names' => (object) $names,
        ];
    }
}
