<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Changes;

use stdClass;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Records\Models\HouseStyle;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Style\HouseBook;
use Vestibra\App\Style\OwnFonts;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\WhatIf;

/**
 * The shop has another house style, or the one that it has looks different. A release holds it whole, so that it can be
 * brought back after it was let go of.
 *
 * @phpstan-type InUse array{style: int, name: string, tokens: array<string, string>}
 */
final readonly class HouseStyleChange implements ReleaseChange
{
    /**
     * @param  InUse  $before
     * @param  InUse  $after
     */
    public function __construct(
        public array $before,
        public array $after,
    ) {
    }

    public static function name(): string
    {
        return 'house-style';
    }

    /** Puts a style into use as its draft is. */
    public static function to(stdClass $row): self
    {
        $after =
            ['style' => (int) $row->id, 'name' => (string) $row->name, 'tokens' => HouseBook::read($row->draft)->own()];

        return (new self($after, $after))->now();
    }

    public function problem(): ?Problem
    {
        return null;
    }

    public function now(): self
    {
        $row = HouseStyle::query()->toBase()->where('in_use', true)->first();
        $before = $row instanceof stdClass
            ? ['style' => (int) $row->id, 'name' => (string) $row->name, 'tokens' => HouseBook::read($row->live)->own()]
            : $this->before;

        return new self($before, $this->after);
    }

    public function apply(): void
    {
        HouseStyle::query()->toBase()->where('in_use', true)->update(['in_use' => false]);
        OwnFonts::take($this->after['tokens']);
        $live = (string) json_encode((object) $this->after['tokens']);
        $known = HouseStyle::query()->toBase()
            ->where('id', $this->after['style'])
            ->update(['live' => $live, 'in_use' => true]);
        if ($known === 0) {
            HouseStyle::query()->toBase()->insert([
                'id' => $this->after['style'],
                'name' => $this->after['name'],
                'live' => $live,
                'draft' => $live,
                'in_use' => true,
            ]);
        }
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
        return PageAddresses::pageKinds();
    }

    public function touches(): array
    {
        return ['house style'];
    }

    public function words(): string
    {
        if ($this->before['style'] !== $this->after['style']) {
            return "House style “{$this->after['name']}” instead of “{$this->before['name']}”";
        }
        $changed = count(HouseBook::difference(
            HouseBook::read(json_encode($this->before['tokens'])),
            HouseBook::read(json_encode($this->after['tokens'])),
        ));

        return "House style “{$this->after['name']}”: ".Counted::of($changed, 'decision').' changed';
    }

    public function toArray(): array
    {
        return [
            'change' => self::name(),
            'before' => self::stored($this->before),
            'after' => self::stored($this->after),
        ];
    }

    /**
     * @param  InUse  $one
     * @return array<string, mixed> no tokens stay a map in JSON
     */
    private static function stored(array $one): array
    {
        return ['tokens' => (object) $one['tokens']] + $one;
    }
}
