<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Changes\Sql\HandOrders;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** The owner's order of the templates of a kind. Templates made since are put last. */
final readonly class HandOrderChange implements ReleaseChange
{
    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    public function __construct(
        public string $pageKind,
        public array $before,
        public array $after,
    ) {
    }

    public static function name(): string
    {
        return 'hand-order';
    }

    /** @return list<int> */
    public static function current(string $pageKind): array
    {
        return array_values(
            Template::query()->toBase()->where('page_kind', $pageKind)->orderBy('hand_order')->pluck('id')->all(),
        );
    }

    /** @param  list<int>  $order */
    public static function to(string $pageKind, array $order): self
    {
        return new self($pageKind, self::current($pageKind), $order);
    }

    public function problem(): ?Problem
    {
        return count($this->after) === count(array_unique($this->after)) ? null : ReleaseProblem::OrderTwice->at();
    }

    public function now(): self
    {
        $now = self::current($this->pageKind);
        $known = array_values(array_intersect($this->after, $now));

        return new self($this->pageKind, $now, [...$known, ...array_values(array_diff($now, $known))]);
    }

    public function apply(): void
    {
        HandOrders::clear($this->pageKind);
        foreach ($this->after as $place => $id) {
            Template::query()->toBase()->where('id', $id)->update(['hand_order' => $place + 1]);
        }
    }

    public function inverse(): self
    {
        return new self($this->pageKind, $this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf
    {
        return $supposed->withHandOrder($this->pageKind, $this->after);
    }

    public function kinds(AskedByChanges $shop): array
    {
        return array_filter([PageKind::tryFrom($this->pageKind)]);
    }

    public function touches(): array
    {
        return ["hand order $this->pageKind"];
    }

    public function words(): string
    {
        return 'Hand order changed';
    }

    public function toArray(): array
    {
        return [
            'change' => self::name(),
            'pageKind' => $this->pageKind,
            'before' => $this->before,
            'after' => $this->after,
        ];
    }
}
