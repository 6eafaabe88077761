<?php

declare(strict_types=1);

namespace Vestibra\Core\Reach;

use DateTimeImmutable;

/**
 * When a reach counts: from is included, until is not, either may be open. In seconds of Unix time.
 *
 * @api
 */
final readonly class Season
{
    public function __construct(
        public ?int $from = null,
        public ?int $until = null,
    ) {
    }

    public static function always(): self
    {
        return new self;
    }

    public static function of(?DateTimeImmutable $from, ?DateTimeImmutable $until): self
    {
        return new self($from?->getTimestamp(), $until?->getTimestamp());
    }

    public function isAlways(): bool
    {
        return $this->from === null && $this->until === null;
    }

    public function endsBeforeItStarts(): bool
    {
        return $this->from !== null && $this->until !== null && $this->until <= $this->from;
    }

    public function holds(int $at): bool
    {
        return ($this->from === null || $this->from <= $at) && ($this->until === null || $at < $this->until);
    }

    /** @return list<int> the instants at which it begins or ends */
    public function bounds(): array
    {
        return array_values(array_filter([$this->from, $this->until], is_int(...)));
    }

    /** @return array{from: string|null, until: string|null} RFC 3339, in UTC */
    public function toArray(): array
    {
        $written = static fn (?int $instant): ?string => $instant === null ? null : gmdate('Y-m-d\TH:i:s\Z', $instant);

        return ['from' => $written($this->from), 'until' => $written($this->until)];
    }
}
