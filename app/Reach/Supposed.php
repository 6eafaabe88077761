<?php

declare(strict_types=1);

namespace Vestibra\App\Reach;

use Vestibra\Core\Reach\Reach;

/** A change that is not made yet, to ask what the shop would look like with it. */
final readonly class Supposed
{
    /**
     * @param  array<int, Reach>  $reaches  template id => the reach to be live with
     * @param  list<int>  $takenOff  templates that are not to be live
     * @param  list<int>|null  $handOrder  template ids, all of the kind
     * @param  array<string, int|null>  $pins  `product/7` => template, null: unpinned
     */
    public function __construct(
        public array $reaches = [],
        public array $takenOff = [],
        public ?int $fallbackId = null,
        public ?array $handOrder = null,
        public array $pins = [],
    ) {
    }

    public function withReach(int $templateId, Reach $reach): self
    {
        return new self([$templateId => $reach] + $this->reaches, array_values(array_diff($this->takenOff, [$templateId])), $this->fallbackId, $this->handOrder, $this->pins);
    }

    public function without(int $templateId): self
    {
        return new self(array_diff_key($this->reaches, [$templateId => true]), [...$this->takenOff, $templateId], $this->fallbackId, $this->handOrder, $this->pins);
    }

    public function withFallback(int $templateId): self
    {
        return new self($this->reaches, $this->takenOff, $templateId, $this->handOrder, $this->pins);
    }

    /** @param  list<int>  $order */
    public function withHandOrder(array $order): self
    {
        return new self($this->reaches, $this->takenOff, $this->fallbackId, $order, $this->pins);
    }

    /** @param  array<string, int|null>  $pins */
    public function withPins(array $pins): self
    {
        return new self($this->reaches, $this->takenOff, $this->fallbackId, $this->handOrder, $pins + $this->pins);
    }

    public function isLive(int $templateId, bool $now): bool
    {
        return isset($this->reaches[$templateId]) || ($now && ! in_array($templateId, $this->takenOff, true));
    }

    /**
     * @param  list<\stdClass>  $rows  with id and hand_order
     * @return list<\stdClass>
     */
    public function order(array $rows): array
    {
        $places = array_flip($this->handOrder ?? []);
        usort($rows, static fn (\stdClass $one, \stdClass $other): int => ($places[$one->id] ?? $one->hand_order) <=> ($places[$other->id] ?? $other->hand_order));

        return $rows;
    }
}
