<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\WhatIf;

/**
 * Pages pinned to a template, or set free.
 *
 * @api
 */
final readonly class PinsChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'pins';

    /**
     * @param  array<string, int|null>  $before  `product/7` => template id; null: not pinned
     * @param  array<string, int|null>  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function stored(StoredChange $stored): self
    {
        return new self($stored->numbered('before'), $stored->numbered('after'));
    }

    /** @return array{string, int} the kind and the number of a page */
    public static function page(string $key): array
    {
        [$kind, $id] = explode('/', $key) + ['', '0'];

        return [$kind, (int) $id];
    }

    /** @return list<PageKind> */
    public function kinds(): array
    {
        $kinds = array_map(
            static fn (string $page): ?PageKind => PageKind::tryFrom(self::page($page)[0]),
            array_keys($this->after),
        );

        return array_values(array_filter($kinds));
    }

    public function pinned(): int
    {
        return count(array_filter($this->after, is_int(...)));
    }

    public function inverse(): self
    {
        return new self($this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf
    {
        return $supposed->withPins($this->after);
    }

    public function touches(): array
    {
        return array_map(static fn (string $page): string => "pin $page", array_keys($this->after));
    }

    public function isNothing(): bool
    {
        return $this->before == $this->after;
    }

    public function toArray(): array
    {
        return ['change' => self::NAME, 'before' => $this->before, 'after' => $this->after];
    }
}
