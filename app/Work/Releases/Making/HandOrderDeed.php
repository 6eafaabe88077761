<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Ground\Problems\ReleaseProblem;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Work\Releases\Making\Sql\HandOrders;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Releases\HandOrderChange;
use Vestibra\Core\Releases\NewLooks;

/** The templates of a kind are put in another order. */
final readonly class HandOrderDeed implements ReleaseDeed
{
    public function __construct(private HandOrderChange $change)
    {
    }

    /** @return list<int> */
    public static function current(string $pageKind): array
    {
        return array_values(array_map(intval(...), Template::query()->toBase()
            ->where('page_kind', $pageKind)
            ->orderBy('hand_order')
            ->pluck('id')
            ->all()));
    }

    /** @param  list<int>  $order */
    public static function to(string $pageKind, array $order): HandOrderChange
    {
        return (new HandOrderChange($pageKind, [], $order))->from(self::current($pageKind));
    }

    public function problem(): ?Problem
    {
        return $this->change->isTwice() ? ReleaseProblem::OrderTwice->at() : null;
    }

    public function now(): HandOrderChange
    {
        return $this->change->from(self::current($this->change->pageKind));
    }

    public function apply(): void
    {
        HandOrders::clear($this->change->pageKind);
        foreach ($this->change->after as $place => $id) {
            Template::query()->toBase()->where('id', $id)->update(['hand_order' => $place + 1]);
        }
    }

    public function kinds(AskedByChanges $shop): array
    {
        return array_filter([PageKind::tryFrom($this->change->pageKind)]);
    }

    public function looks(AskedByChanges $shop): NewLooks
    {
        return new NewLooks;
    }

    public function words(): string
    {
        return 'Hand order changed';
    }
}
