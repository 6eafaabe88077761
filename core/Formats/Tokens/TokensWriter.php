<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tokens;

use stdClass;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseToken;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Styling\TokenKind;

/**
 * A house style as a file of the Design Tokens Format Module (DTCG, 2025.10). What the format cannot say as briefly
 * stands beside it under our own name.
 *
 * @api
 */
final readonly class TokensWriter
{
    public const OWN = 'vestibra';

    /** Of a size that the scale decides. */
    public const BY_SCALE = 'scale';

    /** @return array<string, mixed> groups of tokens */
    public static function write(HouseStyle $style): array
    {
        $groups = [];
        foreach (HouseTokens::GROUPS as $group => $label) {
            $groups[$group] = ['$description' => $label];
        }
        foreach (HouseTokens::all() as $name => $token) {
            $groups[$token->group][$name] = array_filter([
                ...self::follows($token, $style) ?? self::value($token, (string) $style->token($name), $style),
                '$description' => $token->use === '' ? $token->label : $token->use,
            ], static fn (mixed $part): bool => $part !== null);
        }

        return $groups;
    }

    /** @return array<string, mixed>|null a reference, where it is as another token */
    private static function follows(HouseToken $token, HouseStyle $style): ?array
    {
        $followed = HouseTokens::all()[$token->follows] ?? null;

        return $followed === null || isset($style->own()[$token->name])
            ? null
            : ['$type' => 'dimension', '$value' => "{{$followed->group}.$followed->name}"];
    }

    /** @return array<string, mixed> type and value */
    private static function value(HouseToken $token, string $value, HouseStyle $style): array
    {
        $byScale = $token->scaled !== null && ! isset($style->own()[$token->name]);

        return match ($token->kind) {
            TokenKind::Paint => ['$type' => 'color', '$value' => self::colour($value, 100)],
            TokenKind::Role => self::role($value, $style),
            TokenKind::Font => [
                '$type' => 'fontFamily',
                '$value' => [
                    Families::ALL[$value][0] ?? $value,
                    (Families::ALL[$value][1] ?? 'sans') === 'serif' ? 'serif' : 'sans-serif',
                ],
                '$extensions' => self::own($value),
            ],
            TokenKind::Pixels => [
                '$type' => 'dimension',
                '$value' => self::pixels($value),
                '$extensions' => $byScale ? self::own(self::BY_SCALE) : null,
            ],
            TokenKind::Number => ['$type' => 'number', '$value' => (float) $value],
            TokenKind::Shadow => self::shadow($value, $style),
        };
    }

    /** @return array<string, mixed> a reference where a role is meant whole */
    private static function role(string $value, HouseStyle $style): array
    {
        [$role, $opacity] = explode('/', "$value/");
        if ($value !== 'none' && $opacity === '') {
            return ['$type' => 'color', '$value' => "{colours.colour-$role}"];
        }
        $colour = $value === 'none'
            ? self::colour('#000000', 0)
            : self::colour((string) $style->token("colour-$role"), (int) $opacity);

        return ['$type' => 'color', '$value' => $colour, '$extensions' => self::own($value)];
    }

    /** @return array<string, mixed> */
    private static function shadow(string $value, HouseStyle $style): array
    {
        $parts = $value === 'none' ? ['0', '0', '0', '0', 'ink/0'] : explode(' ', $value);
        [$role, $opacity] = explode('/', $parts[4] ?? 'ink/0');

        return ['$type' => 'shadow', '$value' => [
            'offsetX' => self::pixels($parts[0]),
            'offsetY' => self::pixels($parts[1] ?? '0'),
            'blur' => self::pixels($parts[2] ?? '0'),
            'spread' => self::pixels($parts[3] ?? '0'),
            'color' => self::colour((string) $style->token("colour-$role"), (int) $opacity),
        ], '$extensions' => self::own($value)];
    }

    /** @return array{value: float, unit: 'px'} */
    private static function pixels(string $value): array
    {
        return ['value' => (float) $value, 'unit' => 'px'];
    }

    /** @return array<string, mixed> */
    private static function colour(string $hex, int $opacity): array
    {
        $channels = array_map(
            static fn (string $pair): float => round((int) hexdec($pair) / 255, 5),
            str_split(substr($hex, 1), 2),
        );

        return ['colorSpace' => 'srgb', 'components' => $channels, 'alpha' => $opacity / 100, 'hex' => $hex];
    }

    private static function own(string $value): stdClass
    {
        return (object) [self::OWN => $value];
    }
}
