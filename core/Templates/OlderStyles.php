<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Closure;

/**
 * Format 3 had a few styles by kind of block; since then every piece takes whole groups of them, under names of its
 * own.
 *
 * @internal
 */
final class OlderStyles
{
    /** Of every kind. */
    private const COMMON = [
        'spaceAbove' => 'marginAbove', 'overlap' => 'marginAbove', 'ownWidth' => 'width', 'background' => 'ground',
    ];

    private const BY_KIND = [
        'badges' => ['corner' => 'badge.corner', 'background' => 'badge.ground'],
        'band' => ['gradient' => 'groundTo', 'direction' => 'groundTurn'],
        'brand' => ['letters' => 'case'],
        'button' => ['background' => 'button.ground', 'colour' => 'button.colour', 'corner' => 'button.corner'],
        'buy' => ['background' => 'button.ground', 'colour' => 'button.colour', 'corner' => 'button.corner'],
        'quick-buy' => ['background' => 'button.ground', 'colour' => 'button.colour', 'corner' => 'button.corner'],
        'card' => ['line' => 'lineColour'],
        'rating' => ['colour' => 'full.colour'],
        'stock' => ['colour' => 'left.colour'],
        'facts-table' => ['line' => 'row.lineColour'],
        'accordion' => ['line' => 'fold.lineColour'],
        'questions' => ['line' => 'fold.lineColour'],
        'gallery' => ['corner' => 'main.corner'],
        'picture' => ['corner' => 'picture.corner'],
        'product-picture' => ['corner' => 'room.corner', 'ground' => 'room.ground'],
        'note' => ['size' => 'icon.width'],
        'page-banner' => ['size' => 'title.size'],
        'price' => ['size' => 'now.size', 'colour' => 'now.colour'],
        'quote' => ['size' => 'words.size'],
        'swatches' => ['size' => 'swatch.width'],
    ];

    /** What a step of the house style was said for, as its number. */
    private const STEPS = ['spaceAbove', 'padding', 'paddingAbove', 'paddingBelow'];

    /** Buttons of a look without a ground had the colour of the ground on their words and line. */
    private const BARE = ['button' => ['line', 'words'], 'quick-buy' => ['line']];

    public static function node(mixed $node): mixed
    {
        if (! is_array($node)) {
            return $node;
        }
        $kind = is_string($node['kind'] ?? null) ? $node['kind'] : '';
        if (is_array($node['how'] ?? null)) {
            $what = $node['what'] ?? [];
            $bare = in_array(is_array($what) ? $what['look'] ?? null : null, self::BARE[$kind] ?? [], true);
            foreach ($node['how'] as $width => $values) {
                $node['how'][$width] = is_array($values) ? self::values($values, $kind, $bare) : $values;
            }
        }
        if (is_array($node['children'] ?? null)) {
            $node['children'] = array_map(self::node(...), $node['children']);
        }

        return $node;
    }

    /**
     * @param  array<array-key, mixed>  $edit
     * @param  (Closure(string): (string|null))|null  $kindOf
     * @return array<array-key, mixed>
     */
    public static function edit(array $edit, ?Closure $kindOf): array
    {
        if (isset($edit['node'])) {
            $edit['node'] = self::node($edit['node']);
        }
        $name = $edit['setting'] ?? null;
        if (($edit['question'] ?? null) === Question::How->value && is_string($name)) {
            $kind = $kindOf !== null && is_string($edit['id'] ?? null) ? $kindOf($edit['id']) : null;
            $as = self::BY_KIND[$kind][$name] ?? self::COMMON[$name] ?? $name;
            $edit['setting'] = $as;
            $edit['value'] = self::value($name, $as, $edit['value'] ?? null);
        }

        return $edit;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>
     */
    private static function values(array $values, string $kind, bool $bare): array
    {
        $now = [];
        foreach ($values as $name => $value) {
            $as = self::BY_KIND[$kind][$name] ?? self::COMMON[$name] ?? (string) $name;
            $now[$as] = self::value((string) $name, $as, $value);
            if ($kind === 'card' && $name === 'line') {
                $now['line'] = 1;
            }
            if ($bare && $name === 'background') {
                unset($now[$as]);
                $now += ['button.colour' => $value, 'button.lineColour' => $value];
            }
        }

        return $now;
    }

    private static function value(string $name, string $as, mixed $value): mixed
    {
        return match (true) {
            ! is_int($value) => $value,
            in_array($name, self::STEPS, true) => "step-$value",
            $name === 'overlap' => -$value,
            str_ends_with($as, '.width') => "{$value}px",
            default => $value,
        };
    }
}
