<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Reach\WhatIf;

/**
 * The shop has another house style, or the one that it has looks different. A release holds it whole, so that it can be
 * brought back after it was let go of.
 *
 * @phpstan-type InUse array{style: int, name: string, tokens: array<string, string>}
 *
 * @api
 */
final readonly class HouseStyleChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'house-style';

    /**
     * @param  InUse  $before
     * @param  InUse  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function stored(StoredChange $stored): self
    {
        return new self($stored->style('before'), $stored->style('after'));
    }

    public function isOther(): bool
    {
        return $this->before['style'] !== $this->after['style'];
    }

    public function inverse(): self
    {
        return new self($this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, StoredReaches $reaches): WhatIf
    {
        return $supposed;
    }

    public function touches(): array
    {
        return ['house style'];
    }

    public function isNothing(): bool
    {
        return $this->before == $this->after;
    }

    public function toArray(): array
    {
        return [
            'change' => self::NAME,
            'before' => self::written($this->before),
            'after' => self::written($this->after),
        ];
    }

    /**
     * @param  InUse  $one
     * @return array<string, mixed> no tokens stay a map in JSON
     */
    private static function written(array $one): array
    {
        return ['tokens' => (object) $one['tokens']] + $one;
    }
}
