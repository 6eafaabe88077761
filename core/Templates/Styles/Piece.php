<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Styles;

use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\StyleGroup;

/**
 * A part of a block that can be styled on its own.
 *
 * @shape Piece array{name: string, label: string, groups: list<StyleGroupName>, states: list<PieceStateName>,
 *     selectors: array<PieceStateName, string>, lined: bool, chief: bool}
 * @shape PieceStateName 'usual'|'hovered'|'focused'|'chosen'|'pressed'|'unavailable'
 *
 * @api
 */
final readonly class Piece
{
    /** The name of the block itself. */
    public const WHOLE = '';

    private const LETTERS = [StyleGroup::Text];

    private const BOX = [StyleGroup::Text, StyleGroup::Box, StyleGroup::Size];

    private const PICTURE = [StyleGroup::Box, StyleGroup::Size, StyleGroup::Picture];

    /**
     * @param  string  $selector  within the block; empty for the block itself, with `>` for what stands right in it
     * @param  list<StyleGroup>  $groups
     * @param  array<string, string>  $states  state => its selector within the block
     * @param  bool  $chief  whether it is what is styled first about such a block; else the block itself is
     * @param  bool  $narrow  whether it is no wider than reads with ease, so that where its words stand is where it
     *     stands
     * @param  string  $roomIn  what stands right in it and takes its room inside, as `> .inner`; empty where it has
     *     that room itself
     * @param  bool  $limited  whether it is no higher than suits the window, unless somebody says how high it is
     * @param  bool  $lined  whether it has a line of its own, so that a width alone keeps its colour
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $selector,
        public array $groups,
        public array $states = [],
        public bool $lined = false,
        public bool $chief = false,
        public bool $narrow = false,
        public string $roomIn = '',
        public bool $limited = false,
    ) {
    }

    /**
     * The block itself.
     *
     * @param  string  $kind  what it is called, as `Price`
     * @param  list<StyleGroup>  $groups
     */
    public static function whole(string $kind, array $groups, PieceState ...$states): self
    {
        return new self(self::WHOLE, 'The '.lcfirst($kind), '', $groups, self::usual('&', $states));
    }

    /** Words alone. */
    public static function letters(string $name, string $label, string $selector): self
    {
        return new self($name, $label, $selector, [...self::LETTERS, StyleGroup::Box], []);
    }

    /** What has a ground, lines and room, with or without words. */
    public static function box(string $name, string $label, string $selector): self
    {
        return new self($name, $label, $selector, self::BOX);
    }

    /** What can be pressed: words, room and movement, in every state. */
    public static function pressed(string $name, string $label, string $selector): self
    {
        return new self(
            $name,
            $label,
            $selector,
            [...self::BOX, StyleGroup::Movement],
            self::usual($selector, [PieceState::Hovered, PieceState::Focused, PieceState::Pressed]),
        );
    }

    /** A link among words. */
    public static function link(string $name, string $label, string $selector): self
    {
        return new self(
            $name,
            $label,
            $selector,
            [StyleGroup::Text, StyleGroup::Box],
            self::usual($selector, [PieceState::Hovered, PieceState::Focused]),
        );
    }

    public static function picture(string $name, string $label, string $selector): self
    {
        return new self(
            $name,
            $label,
            $selector,
            [...self::PICTURE, StyleGroup::Movement],
            self::usual($selector, [PieceState::Hovered]),
        );
    }

    /** A drawing in one colour. */
    public static function drawing(string $name, string $label, string $selector): self
    {
        return new self($name, $label, $selector, [StyleGroup::Text, StyleGroup::Box, StyleGroup::Size]);
    }

    /** With a state that another selector tells. */
    public function when(PieceState $state, string $selector): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            [...$this->states, $state->value => $selector],
            $this->lined,
            $this->chief,
            $this->narrow,
            $this->roomIn,
            $this->limited,
        );
    }

    public function withLines(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            $this->states,
            true,
            $this->chief,
            $this->narrow,
            $this->roomIn,
            $this->limited,
        );
    }

    public function narrow(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            $this->states,
            $this->lined,
            $this->chief,
            true,
            $this->roomIn,
            $this->limited,
        );
    }

    /** With its room inside a part of it, so that the room is no part of how wide it is beside others. */
    public function withRoomIn(string $selector): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            $this->states,
            $this->lined,
            $this->chief,
            $this->narrow,
            $selector,
            $this->limited,
        );
    }

    /** No higher than suits the window, as its style sheet says, unless somebody says how high it is. */
    public function limited(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            $this->states,
            $this->lined,
            $this->chief,
            $this->narrow,
            $this->roomIn,
            true,
        );
    }

    public function asChief(): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            $this->groups,
            $this->states,
            $this->lined,
            true,
            $this->narrow,
            $this->roomIn,
            $this->limited,
        );
    }

    public function and(StyleGroup ...$groups): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->selector,
            array_values(array_unique([...$this->groups, ...$groups], SORT_REGULAR)),
            $this->states,
            $this->lined,
            $this->chief,
            $this->narrow,
            $this->roomIn,
            $this->limited,
        );
    }

    public function takes(StyleProperty $property, PieceState $state): bool
    {
        return in_array($property->group, $this->groups, true) && (
            $state === PieceState::Usual
                || isset($this->states[$state->value]) && $property->group !== StyleGroup::Place
        );
    }

    /** The selector of the piece in a state, within its block; with `&` for the block itself. */
    public function selector(PieceState $state): string
    {
        return $state === PieceState::Usual ? $this->selector : $this->states[$state->value] ?? $this->selector;
    }

    /** @return list<PieceState> in the order of their weight */
    public function inStates(): array
    {
        return array_values(array_filter(
            PieceState::cases(),
            fn (PieceState $state): bool => $state === PieceState::Usual || isset($this->states[$state->value]),
        ));
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        $selectors = [];
        foreach ($this->inStates() as $state) {
            $selectors[$state->value] = $this->selector($state);
        }

        return [
            'name' => $this->name,
            'label' => $this->label,
            'groups' => array_column($this->groups, 'value'),
            'states' => array_keys($selectors),
            'selectors' => $selectors,
            'lined' => $this->lined,
            'chief' => $this->chief,
        ];
    }

    /**
     * @param  array<PieceState>  $states
     * @return array<string, string>
     */
    private static function usual(string $selector, array $states): array
    {
        $selectors = [];
        foreach ($states as $state) {
            $selectors[$state->value] = $selector.$state->selector();
        }

        return $selectors;
    }
}
