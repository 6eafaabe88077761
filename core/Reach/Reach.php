<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

/**
 * Where and when a template appears: any of the *show on* clauses, none of the *keep off* clauses, within the season.
 *
 * @shape Reach array{format: int, show: list<list<Condition>>, keepOff: list<list<Condition>>,
 *     season: array{from?: string|null, until?: string|null}, goesFirst: bool}
 *
 * @api
 */
final readonly class Reach
{
    public const FORMAT = 2;

    /**
     * @param  list<Clause>  $show
     * @param  list<Clause>  $keepOff
     * @param  bool  $goesFirst  considered before the templates without this mark
     */
    public function __construct(
        public array $show = [],
        public array $keepOff = [],
        public Season $season = new Season,
        public bool $goesFirst = false,
    ) {
    }

    /**
     * @return array{format: int, show: list<mixed>, keepOff: list<mixed>, season: array<string, string|null>,
     *     goesFirst: bool}
     */
    public function toArray(): array
    {
        $clauses = static fn (Clause $clause): array => $clause->toArray();

        return [
            'format' => self::FORMAT,
            'show' => array_map($clauses, $this->show),
            'keepOff' => array_map($clauses, $this->keepOff),
            'season' => $this->season->toArray(),
            'goesFirst' => $this->goesFirst,
        ];
    }
}
