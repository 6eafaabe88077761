<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * Until format 4 two kinds of block began with statements about the shop: how it is paid and sent, and when it is open.
 * Since then they begin with none; what was shown by them stays, written down.
 *
 * @internal
 */
final class OlderClaims
{
    private const WHAT = [
        'marks' => ['marks' => ['card', 'bank', 'bill', 'lock']],
        'opening-hours' => [
            'monday' => '9–18', 'tuesday' => '9–18', 'wednesday' => '9–18', 'thursday' => '9–18', 'friday' => '9–18',
            'saturday' => '10–14',
        ],
    ];

    public static function node(mixed $node): mixed
    {
        if (! is_array($node)) {
            return $node;
        }
        $claims = is_string($node['kind'] ?? null) ? self::WHAT[$node['kind']] ?? [] : [];
        if ($claims !== [] && is_array($node['what'] ?? [])) {
            $node['what'] = ($node['what'] ?? []) + $claims;
        }
        if (is_array($node['children'] ?? null)) {
            $node['children'] = array_map(self::node(...), $node['children']);
        }

        return $node;
    }
}
