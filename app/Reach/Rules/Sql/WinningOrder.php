<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Rules\Sql;

use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Rules\KindRules;
use Vestibra\Core\Reach\Candidate;
use Vestibra\Core\Reach\ClauseVariant;
use Vestibra\Core\Reach\RankOfReach;

/**
 * All clauses of the live templates in the order in which they win, each with its condition as SQL about a page
 * called `p`. The first that is true decides.
 *
 * @phpstan-type Link array{place: RankOfReach, template: int, sql: Sql}
 */
final readonly class WinningOrder
{
    /** Templates have smaller numbers, so that a place and a template fit into one number. */
    public const PLACE = 1 << 32;

    /** Beyond so many pairs of clauses, what a template keeps off is worked out once and joined. */
    private const MOST_PAIRS = 60;

    /**
     * @param  list<Link>  $links
     * @param  array<int, Sql>  $kept  template => the ids of the pages that it keeps off, as a query
     */
    private function __construct(
        public array $links,
        private array $kept,
    ) {
    }

    /** @param  list<int>|null  $only  these templates */
    public static function of(KindRules $contest, ?array $only = null): self
    {
        $links = $kept = [];
        $sql = $contest->sql();
        foreach ($contest->candidates as $hand => $candidate) {
            if ($candidate->live
                && ($only === null || in_array($candidate->templateId, $only, true))
                && $candidate->reach->season->holds($contest->at)) {
                if (count($candidate->reach->show) * count($candidate->reach->keepOff) > self::MOST_PAIRS) {
                    $kept[$candidate->templateId] = $contest->atOnce()
                        ->keptOff($candidate->reach)
                        ->wrap("select p.id from {$contest->pages->table()} p where ", '');
                }
                array_push($links, ...self::links($candidate, $hand, $sql, isset($kept[$candidate->templateId])));
            }
        }

        return new self(self::sorted($links), $kept);
    }

    /** With the links of another chain; both keep their places. */
    public function and(self $other): self
    {
        return new self(self::sorted([...$this->links, ...$other->links]), $other->kept + $this->kept);
    }

    /** @return list<Sql> to stand behind `with` */
    public function with(string $prefix = 'kept'): array
    {
        $with = [];
        foreach ($this->kept as $template => $query) {
            $with[] = $query->wrap("{$prefix}_$template as materialized (", ')');
        }

        return $with;
    }

    /** What `p` has to be joined with. */
    public function joins(string $prefix = 'kept'): string
    {
        return implode(
            '',
            array_map(
                static fn (int $template): string =>
                    " left join {$prefix}_$template kept_$template on kept_$template.id = p.id",
                array_keys($this->kept),
            ),
        );
    }

    /** Gives the template's id; null where no clause is true. */
    public function template(): Sql
    {
        return $this->cases(static fn (int $template): int => $template);
    }

    /** Gives the strength of the strongest claim, as `RankOfReach::number()`; null where no clause is true. */
    public function claim(): Sql
    {
        $claims = [];
        foreach ($this->links as $link) {
            $claims[implode('.', $link['place']->key)] = $link['place']->number();
        }

        return $this->cases(static fn (int $template, string $key): int => $claims[$key]);
    }

    /** Gives the place in this order and the template in one number, for the links of some templates. */
    public function placed(self $part): Sql
    {
        $places = [];
        foreach ($this->links as $place => $link) {
            $places[implode('.', $link['place']->key)] = $place;
        }

        return $part->cases(static fn (int $template, string $key): int => $places[$key] * self::PLACE + $template);
    }

    /** @param  callable(int, string): int  $value */
    private function cases(callable $value): Sql
    {
        if ($this->links === []) {
            return new Sql('null');
        }

        return Sql::join('', array_map(
            static fn (array $link): Sql =>
                $link['sql']->wrap(' when ', ' then '.$value($link['template'], implode('.', $link['place']->key))),
            $this->links,
        ))->wrap('case', ' end');
    }

    /** @return list<Link> */
    private static function links(Candidate $candidate, int $hand, ReachSql $sql, bool $joined): array
    {
        $links = [];
        $notKeptOff = $joined ? new Sql("kept_$candidate->templateId.id is null") : $sql->notKeptOff($candidate->reach);
        foreach ($candidate->reach->show as $number => $clause) {
            foreach (ClauseVariant::of($clause) as $variant) {
                $links[] = [
                    'place' => new RankOfReach($candidate->reach->goesFirst, $variant->closeness, $hand, $number),
                    'template' => $candidate->templateId,
                    'sql' => Sql::join(
                        ' and ',
                        [$sql->variant($variant), ...($notKeptOff === null ? [] : [$notKeptOff])],
                    )->wrap('(', ')'),
                ];
            }
        }

        return $links;
    }

    /**
     * @param  list<Link>  $links
     * @return list<Link>
     */
    private static function sorted(array $links): array
    {
        usort($links, static fn (array $one, array $other): int => $one['place']->compare($other['place']));

        return $links;
    }
}
