<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use LogicException;
use Vestibra\Core\Reach\WhatIf;

/**
 * An ordered set of changes. A new kind of change is one class and one line in `stored()`.
 *
 * @api
 */
final readonly class Changes
{
    /** @param  list<ReleaseChange>  $list */
    private function __construct(public array $list)
    {
    }

    public static function of(ReleaseChange ...$changes): self
    {
        return new self(array_values($changes));
    }

    public function with(ReleaseChange ...$more): self
    {
        return new self([...$this->list, ...array_values($more)]);
    }

    /**
     * @param  array<array-key, mixed>  $stored  as releases of any age hold them
     *
     * @throws LogicException when one cannot be read
     */
    public static function stored(array $stored): self
    {
        return new self(array_map(static function (mixed $one): ReleaseChange {
            $change = new StoredChange(is_array($one) ? $one : []);

            return match ($change->text('change')) {
                TemplateChange::NAME => TemplateChange::stored($change),
                FallbackChange::NAME => FallbackChange::stored($change),
                HandOrderChange::NAME => HandOrderChange::stored($change),
                HouseStyleChange::NAME => HouseStyleChange::stored($change),
                MessagesChange::NAME => MessagesChange::stored($change),
                PinsChange::NAME => PinsChange::stored($change),
                default => throw new LogicException('A release holds an unknown change.'),
            };
        }, array_values($stored)));
    }

    /** Whether everything is so already. */
    public function isNothing(): bool
    {
        return array_filter($this->list, static fn (ReleaseChange $change): bool => ! $change->isNothing()) === [];
    }

    /** What takes them back, the last first. */
    public function inverse(): self
    {
        return new self(array_map(
            static fn (ReleaseChange $change): ReleaseChange => $change->inverse(),
            array_reverse($this->list),
        ));
    }

    /** The shop as it would be with all of them. */
    public function supposed(StoredReaches $reaches): WhatIf
    {
        return array_reduce(
            $this->list,
            static fn (WhatIf $supposed, ReleaseChange $change): WhatIf => $change->suppose($supposed, $reaches),
            new WhatIf,
        );
    }

    /** @return list<TemplateChange> of templates that lay out pages of kinds that this version knows */
    public function templates(): array
    {
        return array_values(array_filter($this->list, static fn (ReleaseChange $change): bool =>
            $change instanceof TemplateChange && $change->kind() !== null));
    }

    /** @return list<string> */
    public function touches(): array
    {
        return array_merge(
            [],
            ...array_map(static fn (ReleaseChange $change): array => $change->touches(), $this->list),
        );
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        return array_map(static fn (ReleaseChange $change): array => $change->toArray(), $this->list);
    }
}
