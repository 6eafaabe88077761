<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Reach\WhatIf;

/**
 * The owner's order of the templates of a kind.
 *
 * @api
 */
final readonly class HandOrderChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'hand-order';

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

    public static function stored(StoredChange $stored): self
    {
        return new self($stored->text('pageKind'), $stored->numbers('before'), $stored->numbers('after'));
    }

    /**
     * The same wish, of the templates that there are now: those made since are last, those that are gone are passed
     * over.
     *
     * @param  list<int>  $now
     */
    public function from(array $now): self
    {
        $known = array_values(array_intersect($this->after, $now));

        return new self($this->pageKind, $now, [...$known, ...array_values(array_diff($now, $known))]);
    }

    /** Whether it names one twice. */
    public function isTwice(): bool
    {
        return count($this->after) !== count(array_unique($this->after));
    }

    public function inverse(): self
    {
        return new self($this->pageKind, $this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf
    {
        return $supposed->withHandOrder($this->pageKind, $this->after);
    }

    public function touches(): array
    {
        return ["hand order $this->pageKind"];
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
