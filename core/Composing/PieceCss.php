<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Styling\PieceState;
use Vestibra\Core\Styling\Resolved;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Styles\Piece;
use Vestibra\Core\Templates\Styles\StyleProperties;

/**
 * What holds about a piece at one state and width, as CSS longhands. What several settings make up together is put
 * together here.
 *
 * @internal
 */
final readonly class PieceCss
{
    private const FILTERS = ['grey' => 'grayscale', 'brightness' => 'brightness', 'blur' => 'blur'];

    private const LINES = [
        'border-block-start-width' => ['border-block-start-style', 'border-block-start-color'],
        'border-inline-end-width' => ['border-inline-end-style', 'border-inline-end-color'],
        'border-block-end-width' => ['border-block-end-style', 'border-block-end-color'],
        'border-inline-start-width' => ['border-inline-start-style', 'border-inline-start-color'],
    ];

    /** How long what moves takes where nothing else is said. */
    private const QUICK = '160ms';

    public function __construct(private Resolved $resolved, private Piece $piece)
    {
    }

    /** @return array<string, string> CSS property => value */
    public function at(PieceState $state, Width $width): array
    {
        $css = [];
        $all = StyleProperties::all();
        $said = $this->resolved->at($state, $width);
        foreach ($said as $name => $value) {
            $property = $all[$name]->css ?? '';
            if ($property !== '') {
                $css[$property] = $name === 'marginAbove' ? self::clamped($value) : $value;
            }
        }

        if ($this->piece->limited && array_intersect_key($said, ['height' => 1, 'proportion' => 1]) !== []) {
            $css['max-block-size'] ??= 'none';
        }

        // What stands at a side is as wide as there is room, up to its limit, and not as narrow as its words.
        if (isset($said['place'], $said['mostWidth']) && ! isset($said['width'])) {
            $css['width'] = '100%';
        }

        return $this->lines($css) + $this->place($said) + self::ground($said) + self::picture($said) + $this->movement(
            $said,
            $width,
        );
    }

    /**
     * A line of a width alone is plain and of the colour of lines.
     *
     * @param  array<string, string>  $css
     * @return array<string, string>
     */
    private function lines(array $css): array
    {
        foreach ($this->piece->lined ? [] : self::LINES as $width => [$style, $colour]) {
            if (isset($css[$width])) {
                $css[$style] ??= 'solid';
                $css[$colour] ??= 'var(--colour-line)';
            }
        }

        return $css;
    }

    /**
     * Narrow words stand as a whole where each of them does.
     *
     * @param  array<string, string>  $said
     * @return array<string, string>
     */
    private function place(array $said): array
    {
        return $this->piece->narrow && isset($said['align']) ? ['width' => '100%'] + match ($said['align']) {
            'center' => ['margin-inline-start' => 'auto', 'margin-inline-end' => 'auto'],
            'end' => ['margin-inline-start' => 'auto', 'margin-inline-end' => '0'],
            default => ['margin-inline-start' => '0', 'margin-inline-end' => 'auto'],
        } : [];
    }

    /** What stands over what is above it does so by no more than an eighth of a narrow screen. */
    private static function clamped(string $css): string
    {
        return preg_match('/^-\d+px$/D', $css) === 1 ? "max($css, -12.5vw)" : $css;
    }

    /**
     * @param  array<string, string>  $said  setting => CSS
     * @return array<string, string>
     */
    private static function ground(array $said): array
    {
        $picture = $said['groundPicture'] ?? null;
        $layers = [
            ...isset($said['ground'], $said['groundTo'])
                ? ['linear-gradient('.($said['groundTurn'] ?? '180deg').",{$said['ground']},{$said['groundTo']})"]
                : [],
            ...$picture === null ? [] : [$picture],
        ];

        return [
            ...$layers === [] ? [] : ['background-image' => implode(',', $layers)],
            ...$picture === null || $picture === 'none' ? [] : [
                'background-size' => $said['patternWidth'] ?? $said['groundFit'] ?? 'cover',
                'background-position' => $said['groundMiddle'] ?? str_replace(')', '-at,center)', $picture),
            ],
        ];
    }

    /**
     * @param  array<string, string>  $said
     * @return array<string, string>
     */
    private static function picture(array $said): array
    {
        $filters = [];
        foreach (array_intersect_key(self::FILTERS, $said) as $name => $function) {
            $filters[] = "$function({$said[$name]})";
        }

        return [
            ...$filters === [] ? [] : ['filter' => implode(' ', $filters)],
            ...isset($said['focusAcross']) || isset($said['focusDown'])
                ? ['object-position' => ($said['focusAcross'] ?? '50%').' '.($said['focusDown'] ?? '50%')]
                : [],
        ];
    }

    /**
     * @param  array<string, string>  $said
     * @return array<string, string>
     */
    private function movement(array $said, Width $width): array
    {
        $rise = isset($said['rise']) ? (int) $said['rise'] : null;

        return [
            ...$rise === null ? [] : ['translate' => '0 '.($rise === 0 ? '0' : -$rise.'px')],
            ...isset($said['grow']) ? ['scale' => $said['grow']] : [],
            ...isset($said['duration']) || $this->resolved->has($width, 'rise', 'grow')
                ? ['transition-duration' => $said['duration'] ?? self::QUICK]
                : [],
        ];
    }
}
