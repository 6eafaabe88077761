<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\Shop\OwnWords as OwnWordsRow;
use Vestibra\App\Records\Settings\OwnWords;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/** Customers read other words. */
final readonly class MessagesChange implements ReleaseChange
{
    private const LONGEST = 60;

    /**
     * @param  array<string, string|null>  $before  by message; null: the words that ship
     * @param  array<string, string|null>  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function name(): string
    {
        return 'messages';
    }

    /** @param  array<string, string|null>  $words */
    public static function to(array $words): self
    {
        return (new self([], $words))->now();
    }

    public function problem(): ?Problem
    {
        return null;
    }

    public function now(): self
    {
        $live = OwnWords::read((string) OwnWordsRow::query()->toBase()->value('live'));

        return new self(
            array_map(
                static fn (string $key): ?string => $live[$key] ?? null,
                array_combine(array_keys($this->after), array_keys($this->after)),
            ),
            $this->after,
        );
    }

    public function apply(): void
    {
        $live = array_replace(OwnWords::read((string) OwnWordsRow::query()->toBase()->value('live')), $this->after);
        OwnWordsRow::query()->toBase()->update(['live' => OwnWords::written(array_filter($live, is_string(...)))]);
    }

    public function inverse(): self
    {
        return new self($this->after, $this->before);
    }

    public function suppose(WhatIf $supposed, AskedByChanges $shop): WhatIf
    {
        return $supposed;
    }

    public function kinds(AskedByChanges $shop): array
    {
        return PageAddresses::kinds();
    }

    public function touches(): array
    {
        return array_map(static fn (string $key): string => "message $key", array_keys($this->after));
    }

    public function words(): string
    {
        $words = array_values($this->after);

        return count($words) === 1
            ? (
                $words[0] === null
                    ? 'Words of the shop as they came'
                    : '“'.mb_strimwidth($words[0], 0, self::LONGEST, '…').'” among the words of the shop'
            )
            : Counted::of(count($words), 'message').' changed among the words of the shop';
    }

    public function toArray(): array
    {
        return ['change' => self::name(), 'before' => $this->before, 'after' => $this->after];
    }
}
