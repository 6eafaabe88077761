<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * Collects the declarations of a page's blocks and prints them: states in the order of their weight, in each of them
 * wider widths before narrower ones. What says the same is said once.
 *
 * @api
 */
final class StyleSheet
{
    /** Of what moves: it stands still for those who ask for less motion (Media Queries 5, prefers-reduced-motion). */
    private const MOVING = ['translate' => true, 'scale' => true, 'transition-duration' => true];

    /**
     * @var array<string, array<string, array<string, array<string, string>>>> state => width => selector => CSS
     *     property => value
     */
    private array $rules = [];

    /** @var array<string, list<string>> width => ids of blocks hidden on it */
    private array $hidden = [];

    /** @var array<string, true> */
    private array $begun = [];

    /** @var array<string, array<string, string>> width => custom property => value */
    private array $page = [];

    public function __construct(public readonly StyleMarks $marks)
    {
    }

    /** Whether something is declared for the first time: what stands on a page several times is declared once. */
    public function begins(string $id): bool
    {
        $first = ! isset($this->begun[$id]);
        $this->begun[$id] = true;

        return $first;
    }

    /** Of the block itself, in its usual state. */
    public function declare(string $blockId, Width $width, string $property, string $value): void
    {
        $this->rules[PieceState::Usual->value][$width->value][$this->selector($blockId)][$property] = $value;
    }

    /** @param  array<string, string>  $declarations  CSS property => value */
    public function rule(string $blockId, Width $width, array $declarations, string $within, PieceState $state): void
    {
        $selector = $this->selector($blockId, $within);
        $rules = &$this->rules[$state->value][$width->value];
        $rules[$selector] = [...$rules[$selector] ?? [], ...$declarations];
    }

    /** A value that several blocks of the page name. */
    public function define(string $property, string $value, Width $width = Width::Desktop): void
    {
        $this->page[$width->value][$property] = $value;
    }

    public function hide(string $blockId, Width $width): void
    {
        $this->hidden[$width->value][] = $blockId;
    }

    public function css(): string
    {
        $css = '';
        foreach (Width::cases() as $width) {
            $defined = $this->page[$width->value] ?? [];
            $css .= $defined === [] ? '' : self::within($width->media(), ':root{'.self::said($defined).'}');
        }
        foreach (PieceState::cases() as $state) {
            foreach (Width::cases() as $width) {
                $css .= self::printed($this->rules[$state->value][$width->value] ?? [], $state, $width->media());
            }
        }
        foreach (Width::cases() as $width) {
            $ids = $this->hidden[$width->value] ?? [];
            if ($ids !== []) {
                $css .= "@media {$width->onlyMedia()}{"
                    .implode(',', array_map($this->selector(...), $ids))
                    .'{display:none}}';
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
            $still[$selector] = array_diff_key($declarations, $moves);
            $moving[$selector] = array_intersect_key($declarations, $moves);
        }

        return self::within($media, self::grouped($still))
            .self::within(
                '(prefers-reduced-motion:no-preference)'.($media === null ? '' : " and $media"),
                self::grouped($moving),
            );
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
                $same = self::said($declarations);
                $selectors[$same][0] = $declarations;
                $selectors[$same][1][] = $selector;
            }
        }
        $css = '';
        foreach ($selectors as $those) {
            $css .= implode(',', $those[1]).'{'.self::said(Shorthands::of($those[0])).'}';
        }

        return $css;
    }

    /** @param  array<string, string>  $declarations */
    private static function said(array $declarations): string
    {
        $said = '';
        foreach ($declarations as $property => $value) {
            $said .= ($said === '' ? '' : ';')."$property:$value";
        }

        return $said;
    }

    /** Two attributes: a departure outweighs the block's own style sheet wherever that stands. */
    private function selector(string $id, string $within = ''): string
    {
        return "[{$this->marks->of($id)}][data-b]".match (true) {
            $within === '' => '',
            $within[0] === '&' => substr($within, 1),
            default => " $within",
        };
    }
}
