<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\WhatIf;

/**
 * Another live template takes what no rule takes; or another card is that of every grid that chose none.
 *
 * @api
 */
final readonly class FallbackChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'fallback';

    public function __construct(
        public string $pageKind,
        public int $before,
        public int $after,
    ) {
    }

    public static function stored(StoredChange $stored): self
    {
        return new self($stored->text('pageKind'), $stored->number('before'), $stored->number('after'));
    }

    public function isOfCards(): bool
    {
        return $this->pageKind === PageKind::Card->value;
    }

    public function inverse(): self
    {
        return new self($this->pageKind, $this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf
    {
        return $this->isOfCards() ? $supposed : $supposed->withFallback($this->pageKind, $this->after);
    }

    public function touches(): array
    {
        return ["fallback $this->pageKind"];
    }

    public function isNothing(): bool
    {
        return $this->before === $this->after;
    }

    public function toArray(): array
    {
        return [
            'change' => self::NAME,
            'pageKind' => $this->pageKind,
            'before' => $this->before,
            'after' => $this->after,
        ];
    }
}
