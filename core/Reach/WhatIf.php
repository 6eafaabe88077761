<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use Vestibra\Core\Pages\PageKind;

/**
 * A change that is not made yet, to ask what the shop would look like with it.
 *
 * @api
 */
final readonly class WhatIf
{
    /**
     * @param  array<int, Reach>  $reaches  template id => the reach to be live with
     * @param  list<int>  $takenOff  templates that are not to be live
     * @param  array<string, int>  $fallbacks  by page kind
     * @param  array<string, list<int>>  $handOrders  by page kind: template ids, all of the kind
     * @param  array<string, int|null>  $pins  `product/7` => template, null: unpinned
     */
    public function __construct(
        public array $reaches = [],
        public array $takenOff = [],
        public array $fallbacks = [],
        public array $handOrders = [],
        public array $pins = [],
    ) {
    }

    public function withReach(int $templateId, Reach $reach): self
    {
        return new self(
            [$templateId => $reach] + $this->reaches,
            array_values(array_diff($this->takenOff, [$templateId])),
            $this->fallbacks,
            $this->handOrders,
            $this->pins,
        );
    }

    public function without(int $templateId): self
    {
        return new self(
            array_diff_key($this->reaches, [$templateId => true]),
            [...$this->takenOff, $templateId],
            $this->fallbacks,
            $this->handOrders,
            $this->pins,
        );
    }

    public function withFallback(string $kind, int $templateId): self
    {
        return new self(
            $this->reaches,
            $this->takenOff,
            [$kind => $templateId] + $this->fallbacks,
            $this->handOrders,
            $this->pins,
        );
    }

    /** @param  list<int>  $order */
    public function withHandOrder(string $kind, array $order): self
    {
        return new self(
            $this->reaches,
            $this->takenOff,
            $this->fallbacks,
            [$kind => $order] + $this->handOrders,
            $this->pins,
        );
    }

    /** @param  array<string, int|null>  $pins */
    public function withPins(array $pins): self
    {
        return new self($this->reaches, $this->takenOff, $this->fallbacks, $this->handOrders, $pins + $this->pins);
    }

    /**
     * @param  array<string, int|null>  $pins
     * @return list<int> of a kind: the pages that are pinned or set free
     */
    public static function pinned(array $pins, PageKind $kind): array
    {
        $ids = [];
        foreach (array_keys($pins) as $page) {
            [$of, $id] = explode('/', $page) + ['', '0'];
            if ($of === $kind->value) {
                $ids[] = (int) $id;
            }
        }

        return $ids;
    }

    public function isLive(int $templateId, bool $now): bool
    {
        return isset($this->reaches[$templateId]) || ($now && ! in_array($templateId, $this->takenOff, true));
    }

    /**
     * @param  array<int, int>  $stored  template id => its place in hand order as it is
     * @return list<int> their ids in the order that is supposed
     */
    public function order(string $kind, array $stored): array
    {
        $places = array_replace($stored, array_intersect_key(array_flip($this->handOrders[$kind] ?? []), $stored));
        asort($places);

        return array_keys($places);
    }
}
