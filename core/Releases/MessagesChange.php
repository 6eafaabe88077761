<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use Vestibra\Core\Reach\WhatIf;

/**
 * Customers read other words.
 *
 * @api
 */
final readonly class MessagesChange implements ReleaseChange
{
    /** The fixed name in stored releases. */
    public const NAME = 'messages';

    /**
     * @param  array<string, string|null>  $before  by message; null: the words that ship
     * @param  array<string, string|null>  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function stored(StoredChange $stored): self
    {
        return new self($stored->texts('before'), $stored->texts('after'));
    }

    /**
     * The same wish, where other words stand now.
     *
     * @param  array<string, string>  $live  by message
     */
    public function from(array $live): self
    {
        $names = array_keys($this->after);

        return new self(
            array_map(static fn (string $key): ?string => $live[$key] ?? null, array_combine($names, $names)),
            $this->after,
        );
    }

    /** @return list<string> the messages that are read otherwise */
    public function keys(): array
    {
        return array_keys($this->after);
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
        return array_map(static fn (string $key): string => "message $key", $this->keys());
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
