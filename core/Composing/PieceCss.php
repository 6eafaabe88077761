<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Styles\StyleProperties;
use Vestibra\Core\Templates\Styles\StyleProperty;

/** What holds about a piece at one state and width, as CSS longhands. What several settings make up together is put together here. */
final readonly class PieceCss
{
    /** Of what is set about sides, corners and lines: the word its settings begin with => how CSS names a part. */
    private const PARTS = [
        'padding' => [StyleProperties::SIDES, 'padding-%s'],
        'margin' => [StyleProperties::SIDES, 'margin-%s'],
        'line' => [StyleProperties::SIDES, 'border-%s-width'],
        'lineKind' => [StyleProperties::SIDES, 'border-%s-style'],
        'lineColour' => [StyleProperties::SIDES, 'border-%s-color'],
        'corner' => [StyleProperties::CORNERS, 'border-%s-radius'],
    ];

    /** How long what moves takes where nothing else is said. */
    private const QUICK = '160ms';

    private const FILTERS = ['grey' => 'grayscale', 'brightness' => 'brightness', 'blur' => 'blur'];

    /** @param  bool  $lined  whether the piece has a line of its own */
    public function __construct(private Resolved $resolved, private bool $lined)
    {
    }

    /** @return array<string, string> CSS property => value */
    public function at(PieceState $state, Width $width): array
    {
        $css = [];
        foreach (StyleProperties::all() as $property) {
            $value = $property->css === '' ? null : $this->resolved->value($property->name, $state, $width);
            if ($value !== null) {
                $css[$property->css] = $property->type->css($value);
            }
        }

        return [...$css, ...$this->parts($state, $width), ...$this->ground($state, $width), ...$this->picture($state, $width), ...$this->movement($state, $width)];
    }

    /** @return array<string, string> */
    private function parts(PieceState $state, Width $width): array
    {
        $css = [];
        foreach (self::PARTS as $name => [$parts, $pattern]) {
            foreach ($parts as $part => $logical) {
                $value = $this->resolved->part($name.$part, $name, $state, $width);
                $property = StyleProperties::find($name);
                if ($value !== null && $property !== null) {
                    $css[sprintf($pattern, $logical)] = self::clamped($name, $part, $property->type->css($value));
                }
            }
        }
        foreach (StyleProperties::SIDES as $logical) {
            if (isset($css["border-$logical-width"]) && ! $this->lined) {
                $css["border-$logical-style"] ??= 'solid';
                $css["border-$logical-color"] ??= 'var(--colour-line)';
            }
        }

        return $css;
    }

    /** What stands over what is above it does so by no more than an eighth of a narrow screen. */
    private static function clamped(string $name, string $part, string $css): string
    {
        return $name === 'margin' && $part === 'Above' && preg_match('/^-\d+px$/D', $css) === 1 ? "max($css, -12.5vw)" : $css;
    }

    /** @return array<string, string> */
    private function ground(PieceState $state, Width $width): array
    {
        $to = $this->css('groundTo', $state, $width);
        $from = $this->css('ground', $state, $width);

        return $to === null || $from === null ? [] : ['background-image' => 'linear-gradient('.($this->css('groundTurn', $state, $width) ?? '180deg').",$from,$to)"];
    }

    /** @return array<string, string> */
    private function picture(PieceState $state, Width $width): array
    {
        $filters = [];
        foreach (self::FILTERS as $name => $function) {
            $value = $this->css($name, $state, $width);
            if ($value !== null) {
                $filters[] = "$function($value)";
            }
        }
        [$across, $down] = [$this->css('focusAcross', $state, $width), $this->css('focusDown', $state, $width)];

        return [
            ...$filters === [] ? [] : ['filter' => implode(' ', $filters)],
            ...$across === null && $down === null ? [] : ['object-position' => ($across ?? '50%').' '.($down ?? '50%')],
        ];
    }

    /** @return array<string, string> */
    private function movement(PieceState $state, Width $width): array
    {
        [$rise, $grow, $duration] = [$this->resolved->value('rise', $state, $width), $this->css('grow', $state, $width), $this->css('duration', $state, $width)];

        return [
            ...is_int($rise) ? ['translate' => '0 '.(-$rise === 0 ? '0' : -$rise.'px')] : [],
            ...$grow === null ? [] : ['scale' => $grow],
            ...$duration === null && ! $this->resolved->has('rise', 'grow') ? [] : ['transition-duration' => $duration ?? self::QUICK],
        ];
    }

    private function css(string $name, PieceState $state, Width $width): ?string
    {
        $value = $this->resolved->value($name, $state, $width);
        $property = $value === null ? null : StyleProperties::find($name);

        return $property instanceof StyleProperty ? $property->type->css($value) : null;
    }
}
