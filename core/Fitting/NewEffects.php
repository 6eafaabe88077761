<?php

declare(strict_types=1);

namespace Vestibra\Core\Fitting;

use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Node;

/**
 * Settings in a tree that did nothing in an earlier version and do something now, so that its pages may look otherwise
 * after an upgrade.
 *
 * @api
 */
final readonly class NewEffects
{
    private const SLIDING = ['perRow' => 'In a row', 'gap' => 'Between cards'];

    /** @return list<array{id: string, kind: string, setting: string}> in the order of the tree */
    public static function in(Node $tree): array
    {
        $found = [];
        foreach ($tree->walk() as $node) {
            foreach (self::of($node) as $setting) {
                $found[] = ['id' => $node->id, 'kind' => $node->kind, 'setting' => $setting];
            }
        }

        return $found;
    }

    /** @return list<string> as the panel calls them */
    private static function of(Node $node): array
    {
        return [
            ...self::ofList($node),
            ...self::isPictured($node) && self::isRound($node) ? ['Corners'] : [],
            ...self::isNarrowed($node) ? ['At most wide'] : [],
        ];
    }

    /** @return list<string> */
    private static function ofList(Node $node): array
    {
        if ($node->kind !== 'product-grid') {
            return [];
        }
        $settings = [];
        foreach (($node->what['layout'] ?? '') === 'row' ? self::SLIDING : [] as $name => $words) {
            if (array_filter($node->how, static fn (array $values): bool => isset($values[$name])) !== []) {
                $settings[] = $words;
            }
        }
        $empty = $node->what['empty'] ?? null;
        if (is_string($empty) && trim($empty) === '') {
            $settings[] = 'When there are none';
        }

        return $settings;
    }

    private static function isPictured(Node $node): bool
    {
        return $node->kind === 'band' && (isset($node->what['picture']) || isset($node->what['film']));
    }

    private static function isRound(Node $node): bool
    {
        foreach ($node->how as $values) {
            foreach ($values as $name => $value) {
                if (preg_match('/^corner(?:[A-Z]|$)/', $name) === 1 && $value !== 0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether it stood as narrow as its words, though it may be wider. */
    private static function isNarrowed(Node $node): bool
    {
        foreach (Width::cases() as $width) {
            if ($node->holding('place', $width) !== null
                && ! in_array($node->holding('mostWidth', $width), [null, 'none'], true)
                && $node->holding('width', $width) === null) {
                return true;
            }
        }

        return false;
    }
}
