<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use LogicException;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** An ordered set of changes. A new kind of change is one class and one line in `stored()`. */
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

    /** What a release has changed, or will. */
    public static function in(Release $release): self
    {
        return self::stored($release->change_set);
    }

    /** @param  list<array<string, mixed>>  $stored */
    public static function stored(array $stored): self
    {
        return new self(array_map(static fn (array $one): ReleaseChange => match ($one['change']) {
            TemplateChange::name() => TemplateChange::stored($one),
            FallbackChange::name() => new FallbackChange($one['pageKind'], $one['before'], $one['after']),
            HandOrderChange::name() => new HandOrderChange($one['pageKind'], $one['before'], $one['after']),
            HouseStyleChange::name() => new HouseStyleChange($one['before'], $one['after']),
            MessagesChange::name() => new MessagesChange($one['before'], $one['after']),
            PinsChange::name() => new PinsChange($one['before'], $one['after']),
            default => throw new LogicException('A release holds an unknown change.'),
        }, $stored));
    }

    /** Whether everything is so already. */
    public function isNothing(): bool
    {
        return array_filter($this->toArray(), static fn (array $change): bool => ($change['before'] ?? null) != (
            $change['after'] ?? null
        )) === [];
    }

    /** @return list<Problem> why they cannot be made now */
    public function problems(): array
    {
        return array_values(
            array_filter(array_map(static fn (ReleaseChange $change): ?Problem => $change->problem(), $this->list)),
        );
    }

    /** With the values before as they are now. */
    public function now(): self
    {
        return new self(array_map(static fn (ReleaseChange $change): ReleaseChange => $change->now(), $this->list));
    }

    public function apply(): void
    {
        foreach ($this->list as $change) {
            $change->apply();
        }
    }

    public function inverse(): self
    {
        return new self(array_map(
            static fn (ReleaseChange $change): ReleaseChange => $change->inverse(),
            array_reverse($this->list),
        ));
    }

    public function supposed(AskedByChanges $shop): WhatIf
    {
        return array_reduce(
            $this->list,
            static fn (WhatIf $supposed, ReleaseChange $change): WhatIf => $change->suppose($supposed, $shop),
            new WhatIf,
        );
    }

    /** @return list<TemplateChange> of templates that lay out pages of kinds that this version knows */
    public function templates(): array
    {
        return array_values(array_filter($this->list, static fn (ReleaseChange $change): bool =>
            $change instanceof TemplateChange && $change->isPage() && $change->isKnown()));
    }

    /** @return list<PageKind> the kinds of pages that may change */
    public function kinds(AskedByChanges $shop): array
    {
        $kinds = array_merge(
            [],
            ...array_map(static fn (ReleaseChange $change): array => $change->kinds($shop), $this->list),
        );

        return array_values(
            array_filter(PageAddresses::kinds(), static fn (PageKind $kind): bool => in_array($kind, $kinds, true)),
        );
    }

    /** @return list<TemplateChange> of what stands on pages: cards, kept parts, and products' own blocks */
    public function parts(): array
    {
        return array_values(array_filter(
            $this->list,
            static fn (ReleaseChange $change): bool => $change instanceof TemplateChange && ! $change->isPage(),
        ));
    }

    /** @return list<string> the messages that customers read otherwise */
    public function messages(): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (ReleaseChange $change): array =>
                    $change instanceof MessagesChange ? array_keys($change->after) : [],
                $this->list,
            ),
        );
    }

    /** @return list<string> */
    public function touches(): array
    {
        return array_merge(...array_map(static fn (ReleaseChange $change): array => $change->touches(), $this->list));
    }

    public function words(): string
    {
        return implode(', ', array_map(static fn (ReleaseChange $change): string => $change->words(), $this->list));
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        return array_map(static fn (ReleaseChange $change): array => $change->toArray(), $this->list);
    }
}
