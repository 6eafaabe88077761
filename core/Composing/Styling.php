<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Composing\Places\Place;
use Vestibra\Core\Composing\Places\Standing;
use Vestibra\Core\Styling\Eased;
use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\SaysBesides;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Schema;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;

/**
 * The styles of a page's blocks on their way to the sheet: only what differs from what holds without them. What is set
 * alike is worked out once. A rule is its width, CSS property => value, its selector within the block, and the state.
 *
 * @phpstan-type Rules list<array{Width, array<string, string>, string, PieceState}>
 *
 * @api
 */
final class Styling
{
    /** @var array<string, Rules> by kind and what is set */
    private array $known = [];

    private SequenceCss $sequences;

    private ?GroundPictures $grounds = null;

    /** @param  bool  $wanted  whether they are asked for at all */
    public function __construct(
        public readonly StyleSheet $sheet,
        Schema $schema,
        private readonly bool $wanted = true,
    ) {
        $this->sequences = new SequenceCss($schema);
    }

    /**
     * @param  array<int, Picture>  $pictures  those that it may name, by id
     * @param  Standing|null  $stands  where it stands; null for as wide as the window
     */
    public function of(
        Node $node,
        Definition $definition,
        array $pictures,
        Addresses $addresses,
        ?Standing $stands = null,
    ): void {
        if (! $this->wanted) {
            return;
        }
        foreach (Named::ofStyles($node) as [, $number]) {
            if (isset($pictures[$number])) {
                $this->grounds ??= new GroundPictures($this->sheet, $addresses);
                $this->grounds->of($pictures[$number], $stands?->outer() ?? Place::window(), self::repeats($node));
            }
        }
        if ($node->how !== []) {
            foreach ($this->known[$node->kind.serialize($node->how)] ??= self::rules($node, $definition) as [
                $width, $css, $within, $state,
            ]) {
                $this->sheet->rule($node->id, $width, $css, $within, $state);
            }
            foreach ($definition->eased as $setting) {
                $this->ease($node, $setting);
            }
            $this->sequences->of($node, $definition, $this->sheet);
        }
        $this->hide($node);
    }

    /** Whether a picture on one of its grounds repeats at its own size. */
    private static function repeats(Node $node): bool
    {
        foreach ($node->how as $values) {
            foreach ($values as $name => $value) {
                if ($value === 'auto' && StyleKey::parse($name)?->property === 'groundFit') {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return Rules */
    private static function rules(Node $node, Definition $definition): array
    {
        $pieces = $rules = [];
        $all = StyleProperties::all();
        foreach ($node->how as $at => $values) {
            $width = Width::from($at);
            foreach ($values as $name => $value) {
                $own = $definition->own(Question::How, $name);
                $key = $own === null ? StyleKey::parse($name) : null;
                $property = $key === null ? null : $all[$key->property] ?? null;
                if ($own?->property !== null && $own->type instanceof StyleValue) {
                    $besides = $own->type instanceof SaysBesides ? $own->type->besides($value) : [];
                    $rules[] = [
                        $width, [$own->property => $own->type->css($value)] + $besides, '', PieceState::Usual,
                    ];
                } elseif ($key !== null && $property !== null) {
                    ($pieces[$key->piece] ??= new Resolved(StyleProperties::parts()))
                        ->set($key->property, $key->state, $width, $property->type->css($value));
                }
            }
        }
        foreach ($definition->pieces as $piece) {
            if (isset($pieces[$piece->name])) {
                array_push($rules, ...self::piece($piece, $pieces[$piece->name]));
            }
        }

        return $rules;
    }

    /** @return Rules */
    private static function piece(Piece $piece, Resolved $resolved): array
    {
        $css = new PieceCss($resolved, $piece);
        $usual = $rules = [];
        foreach ($resolved->states() as $state) {
            $own = [];
            foreach ($resolved->widths() as $width) {
                $fresh = array_diff_assoc($css->at($state, $width), [...$usual[$width->value] ?? [], ...$own]);
                if ($fresh !== []) {
                    array_push($rules, ...self::placed($fresh, $piece, $width, $state));
                    $own = [...$own, ...$fresh];
                }
                if ($state === PieceState::Usual) {
                    $usual[$width->value] = $own;
                }
            }
        }

        return $rules;
    }

    /**
     * Room inside that a part of the piece takes is said of that part.
     *
     * @param  array<string, string>  $css
     * @return Rules
     */
    private static function placed(array $css, Piece $piece, Width $width, PieceState $state): array
    {
        $selector = $piece->selector($state);
        $room = $piece->roomIn === '' ? [] : array_filter(
            $css,
            static fn (string $property): bool => str_starts_with($property, 'padding-'),
            ARRAY_FILTER_USE_KEY,
        );

        return [
            ...$css === $room ? [] : [[$width, array_diff_key($css, $room), $selector, $state]],
            ...$room === [] ? [] : [[$width, $room, trim("$selector $piece->roomIn"), $state]],
        ];
    }

    /** A number that would be too large on narrower widths counts there as the most that they take. */
    private function ease(Node $node, Setting $setting): void
    {
        if ($setting->property === null || ! $setting->type instanceof StyleValue) {
            return;
        }
        $own = [];
        foreach (Width::cases() as $width) {
            $said = $node->how[$width->value][$setting->name] ?? null;
            $own[$width->value] = is_int($said) ? $said : null;
        }
        $wider = null;
        foreach (Eased::at($own, $setting->eased) as $name => $counts) {
            if ($own[$name] === null && $counts !== null && $counts !== $wider) {
                $this->sheet->declare($node->id, Width::from($name), $setting->property, $setting->type->css($counts));
            }
            $wider = $counts;
        }
    }

    private function hide(Node $node): void
    {
        $shownOn = $node->when['widths'] ?? null;
        if (is_array($shownOn)) {
            foreach (Width::cases() as $width) {
                if (! in_array($width->value, $shownOn, true)) {
                    $this->sheet->hide($node->id, $width);
                }
            }
        }
    }
}
