<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/** Collects the declarations of a page's blocks and prints them, wider widths before narrower ones. */
final class StyleSheet
{
    /** @var array<string, array<string, list<string>>> width => block id => declarations */
    private array $rules = [];

    /** @var array<string, list<string>> width => ids of blocks hidden on it */
    private array $hidden = [];

    /** @var array<string, true> */
    private array $begun = [];

    /** Whether something is declared for the first time: what stands on a page several times is declared once. */
    public function begins(string $id): bool
    {
        $first = ! isset($this->begun[$id]);
        $this->begun[$id] = true;

        return $first;
    }

    public function declare(string $blockId, Width $width, string $property, string $value): void
    {
        $this->rules[$width->value][$blockId][] = "$property:$value";
    }

    public function hide(string $blockId, Width $width): void
    {
        $this->hidden[$width->value][] = $blockId;
    }

    public function css(): string
    {
        $css = '';
        foreach (Width::cases() as $width) {
            $rules = '';
            foreach ($this->rules[$width->value] ?? [] as $id => $declarations) {
                $rules .= self::selector((string) $id).'{'.implode(';', $declarations).'}';
            }
            $media = $width->media();
            $css .= $media === null || $rules === '' ? $rules : "@media $media{{$rules}}";
        }
        foreach (Width::cases() as $width) {
            $ids = $this->hidden[$width->value] ?? [];
            if ($ids !== []) {
                $css .= "@media {$width->onlyMedia()}{".implode(',', array_map(self::selector(...), $ids)).'{display:none}}';
            }
        }

        return $css;
    }

    /** Twice the attribute: a departure outweighs the block's own style sheet wherever that stands. */
    private static function selector(string $id): string
    {
        return "[data-b=\"$id\"][data-b]";
    }
}
