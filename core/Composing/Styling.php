<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\StyleSheet;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Question;
use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleKey;
use Vestibra\Core\Templates\Styles\StyleProperties;

/** The styles of one block on their way to the sheet: only what differs from what holds without it. */
final readonly class Styling
{
    public function __construct(private Definition $definition, private StyleSheet $sheet)
    {
    }

    public function of(Node $node): void
    {
        $pieces = [];
        foreach ($node->how as $width => $values) {
            foreach ($values as $name => $value) {
                $own = $this->definition->own(Question::How, $name);
                if ($own?->property !== null && $own->type instanceof StyleValue) {
                    $this->sheet->declare($node->id, Width::from($width), $own->property, $own->type->css($value));
                } elseif ($own === null) {
                    $key = StyleKey::parse($name);
                    if ($key !== null) {
                        ($pieces[$key->piece] ??= new Resolved(StyleProperties::parts()))->set($key->property, $key->state, Width::from($width), $value);
                    }
                }
            }
        }
        foreach ($this->definition->pieces as $piece) {
            if (isset($pieces[$piece->name])) {
                $this->piece($node->id, $piece, $pieces[$piece->name]);
            }
        }
        foreach ($this->definition->eased as $setting) {
            $this->ease($node, $setting);
        }
        $this->hide($node);
    }

    private function piece(string $id, Piece $piece, Resolved $resolved): void
    {
        $css = new PieceCss($resolved, $piece->lined);
        $usual = [];
        foreach ($resolved->states() as $state) {
            $own = [];
            foreach ($resolved->widths() as $width) {
                $fresh = array_diff_assoc($css->at($state, $width), [...$usual[$width->value] ?? [], ...$own]);
                if ($fresh !== []) {
                    $this->sheet->rule($id, $width, $fresh, $piece->selector($state), $state);
                    $own = [...$own, ...$fresh];
                }
                if ($state === PieceState::Usual) {
                    $usual[$width->value] = $own;
                }
            }
        }
    }

    /** A number that would be too large on narrower widths counts there as the most that they take. */
    private function ease(Node $node, Setting $setting): void
    {
        $value = null;
        foreach (Width::cases() as $width) {
            $own = $node->how[$width->value][$setting->name] ?? null;
            $most = $setting->eased[$width->value] ?? null;
            if ($own === null && $most !== null && $value > $most && $setting->property !== null && $setting->type instanceof StyleValue) {
                $this->sheet->declare($node->id, $width, $setting->property, $setting->type->css($most));
                $own = $most;
            }
            $value = is_int($own) ? $own : $value;
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
