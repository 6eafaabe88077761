<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Collects the declarations of a page's blocks and prints them: states in the order of their weight, in each of them wider
 * widths before narrower ones. What says the same is said once.
 */
final class StyleSheet
{
    /** Of what moves: it stands still for those who ask for less motion (Media Queries 5, prefers-reduced-motion). */
    private const MOVING = ['translate' => true, 'scale' => true, 'transition-duration' => true];

    /** @var array<string, array<string, array<string, array<string, string>>>> state => width => selector => CSS property => value */
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

    /** @param  string  $within  what is meant within the block; empty for the block itself */
    public function declare(string $blockId, Width $width, string $property, string $value, string $within = '', PieceState $state = PieceState::Usual): void
    {
        $this->rules[$state->value][$width->value][self::selector($blockId, $within)][$property] = $value;
    }

    public function hide(string $blockId, Width $width): void
    {
        $this->hidden[$width->value][] = $blockId;
    }

    public function css(): string
    {
        $css = '';
        foreach (PieceState::cases() as $state) {
            foreach (Width::cases() as $width) {
                $css .= self::printed($this->rules[$state->value][$width->value] ?? [], $state, $width->media());
            }
        }
        foreach (Width::cases() as $width) {
            $ids = $this->hidden[$width->value] ?? [];
            if ($ids !== []) {
                $css .= "@media {$width->onlyMedia()}{".implode(',', array_map(self::selector(...), $ids)).'{display:none}}';
            }
        }

        return $css;
    }

    /** @param  array<string, array<string, string>>  $rules */
    private static function printed(array $rules, PieceState $state, ?string $media): string
    {
        $still = $moving = [];
        foreach ($rules as $selector => $declarations) {
            $moves = $state === PieceState::Usual ? ['transition-duration' => true] : self::MOVING;
            $still[$selector] = Shorthands::of(array_diff_key($declarations, $moves));
            $moving[$selector] = array_intersect_key($declarations, $moves);
        }

        return self::within($media, self::grouped($still))
            .self::within('(prefers-reduced-motion: no-preference)'.($media === null ? '' : " and $media"), self::grouped($moving));
    }

    private static function within(?string $media, string $rules): string
    {
        return $media === null || $rules === '' ? $rules : "@media $media{{$rules}}";
    }

    /** @param  array<string, array<string, string>>  $rules */
    private static function grouped(array $rules): string
    {
        $selectors = [];
        foreach ($rules as $selector => $declarations) {
            if ($declarations !== []) {
                $said = implode(';', array_map(static fn (string $property, string $value): string => "$property:$value", array_keys($declarations), $declarations));
                $selectors[$said][] = $selector;
            }
        }
        $css = '';
        foreach ($selectors as $said => $those) {
            $css .= implode(',', $those)."{{$said}}";
        }

        return $css;
    }

    /** Twice the attribute: a departure outweighs the block's own style sheet wherever that stands. */
    private static function selector(string $id, string $within = ''): string
    {
        return "[data-b=\"$id\"][data-b]".match (true) {
            $within === '' => '',
            $within[0] === '&' => substr($within, 1),
            default => " $within",
        };
    }
}
