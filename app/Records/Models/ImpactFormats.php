<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models;

use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;

/** Brings the impact that an earlier release was kept with forward. */
final class ImpactFormats
{
    /**
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    public static function upcast(array $stored): array
    {
        return isset($stored['kinds']) ? $stored : self::fromFormat1($stored);
    }

    /**
     * Format 1 knew pages of products alone, and did not say so.
     *
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    private static function fromFormat1(array $stored): array
    {
        $numbers = array_map(
            static fn (mixed $count): int => is_int($count) ? $count : 0,
            array_intersect_key($stored, ['moved' => 0, 'look' => 0, 'stays' => 0]),
        );

        return [
            'moves' => self::groups($stored['moves'] ?? []),
            'newLook' => self::groups($stored['newLook'] ?? []),
            'kinds' => [
                ['pageKind' => PageKind::Product->value] + $numbers + ['moved' => 0, 'look' => 0, 'stays' => 0],
            ],
            'turns' => array_map(
                static fn (mixed $turn): array => is_array($turn)
                    ? ['moves' => self::groups($turn['moves'] ?? []), 'pageKind' => PageKind::Product->value] + $turn
                    : [],
                is_array($stored['turns'] ?? null) ? array_values($stored['turns']) : [],
            ),
        ] + $stored;
    }

    /** @return list<array<array-key, mixed>> */
    private static function groups(mixed $groups): array
    {
        $upcast = [];
        foreach (is_array($groups) ? $groups : [] as $group) {
            if (is_array($group)) {
                $pages = is_array($group['products'] ?? null)
                    ? array_values(array_filter($group['products'], is_array(...)))
                    : [];
                unset($group['products']);
                $upcast[] = $group + ['pageKind' => PageKind::Product->value, 'pages' => array_map(
                    static fn (array $page): array => $page + ['address' => PageAddresses::address(
                        PageKind::Product,
                        is_string($page['slug'] ?? null) ? $page['slug'] : '',
                    )],
                    $pages,
                )];
            }
        }

        return $upcast;
    }
}
