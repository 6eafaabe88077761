<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats\Tokens;

use Vestibra\Core\Problem;
use Vestibra\Core\Styling\Families;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseToken;
use Vestibra\Core\Styling\HouseTokens;
use Vestibra\Core\Styling\TokenKind;

/**
 * Reads a file of the Design Tokens Format Module (DTCG) as a house style: tokens whose last name is one of ours, with
 * types that groups hand down and references followed. All or nothing; what is not ours is named and passed over.
 *
 * @api
 */
final class TokensReader
{
    public const MOST = 2000;

    public const MOST_BYTES = 1_000_000;

    private const MOST_DEEP = 12;

    private const ROOT = 16;

    /** The type that a token has to have, by kind. */
    private const TYPES = [
        'paint' => ['color'], 'role' => ['color'], 'font' => ['fontFamily'], 'pixels' => ['dimension'],
        'number' => ['number', 'fontWeight'], 'shadow' => ['shadow'],
    ];

    /** @var array<string, array{type: string|null, value: mixed, own: string|null}> by path */
    private array $tokens = [];

    /** @var list<Problem> */
    private array $problems = [];

    /** @return ReadTokens|non-empty-list<Problem> */
    public static function parse(string $json): ReadTokens|array
    {
        return (new self)->read($json);
    }

    /** @return ReadTokens|non-empty-list<Problem> */
    private function read(string $json): ReadTokens|array
    {
        if (strlen($json) > self::MOST_BYTES) {
            return [HouseProblem::FileTooLarge->at('', ['most' => intdiv(self::MOST_BYTES, 1000)])];
        }
        $file = json_decode($json, true, 64);
        if (! is_array($file)) {
            return [HouseProblem::FileNotJson->at()];
        }
        if (! $this->collect($file, '', null, 0)) {
            return [HouseProblem::FileTooMany->at('', ['most' => self::MOST])];
        }
        $own = $passedOver = [];
        foreach (array_keys($this->tokens) as $path) {
            $name = self::last($path);
            $token = HouseTokens::all()[$name] ?? null;
            if ($token === null) {
                $passedOver[] = HouseProblem::FileUnknown->at($path, ['name' => mb_substr($path, 0, 80)]);
            } else {
                $value = $this->value($token, $path);
                $own += $value === null ? [] : [$name => $value];
            }
        }

        return match (true) {
            $this->problems !== [] => $this->problems,
            $own === [] => [HouseProblem::FileNoTokens->at()],
            default => new ReadTokens(HouseStyle::fromStored($own), $passedOver),
        };
    }

    /**
     * @param  array<array-key, mixed>  $group
     * @return bool whether there are not too many
     */
    private function collect(array $group, string $path, ?string $type, int $depth): bool
    {
        $type = is_string($group['$type'] ?? null) ? $group['$type'] : $type;
        if (array_key_exists('$value', $group)) {
            $extensions = $group['$extensions'] ?? null;
            $own = is_array($extensions) ? $extensions[TokensWriter::OWN] ?? null : null;
            $this->tokens[$path] =
                ['type' => $type, 'value' => $group['$value'], 'own' => is_string($own) ? $own : null];

            return count($this->tokens) <= self::MOST;
        }
        foreach ($group as $name => $child) {
            if (is_array($child)
                && ! str_starts_with((string) $name, '$')
                && $depth < self::MOST_DEEP
                && ! $this->collect($child, $path === '' ? (string) $name : "$path.$name", $type, $depth + 1)) {
                return false;
            }
        }

        return true;
    }

    private function value(HouseToken $token, string $path): ?string
    {
        $found = $this->followed($path);
        if ($found === null) {
            return null;
        }
        [$at, $stored] = $found;
        if ($at !== $path && self::last($at) === $token->follows
            || $at === $path && $token->scaled !== null && $stored['own'] === TokensWriter::BY_SCALE) {
            return null;
        }
        if (! in_array($stored['type'], self::TYPES[$token->kind->value], true)) {
            $this->problems[] = HouseProblem::FileType
                ->at($path, ['name' => $path, 'type' => mb_substr((string) $stored['type'], 0, 40)]);

            return null;
        }
        $own = $stored['own'];
        $value = match (true) {
            $own !== null && $token->takes($own) && $at === $path => $own,
            $token->kind === TokenKind::Role => $this->role($at, $path),
            default => $this->written($token->kind, $stored['value'], $path),
        };
        if ($value !== null && ! $token->takes($value)) {
            $this->problems[] = HouseProblem::FileValue->at($path, ['name' => $path]);

            return null;
        }

        return $value;
    }

    /**
     * @return array{string, array{type: string|null, value: mixed, own: string|null}}|null the token that references
     *     lead to
     */
    private function followed(string $path): ?array
    {
        $seen = [];
        $at = $path;
        while (is_string($this->tokens[$at]['value'] ?? null)
            && preg_match('/^\{([^{}]+)\}$/D', $this->tokens[$at]['value'], $to) === 1) {
            $seen[$at] = true;
            $type = $this->tokens[$at]['type'];
            $at = $to[1];
            if (isset($seen[$at])) {
                $this->problems[] = HouseProblem::FileCycle->at($path, ['name' => $path]);

                return null;
            }
            if (! isset($this->tokens[$at])) {
                $this->problems[] = HouseProblem::FileReference
                    ->at($path, ['name' => $path, 'to' => mb_substr($at, 0, 80)]);

                return null;
            }
            $this->tokens[$at]['type'] ??= $type;
        }

        return [$at, $this->tokens[$at]];
    }

    /** A role is a reference to one of the shop's colours, or a colour that is one of them. */
    private function role(string $at, string $path): ?string
    {
        $last = self::last($at);
        if ($at !== $path && str_starts_with($last, 'colour-')) {
            return substr($last, 7);
        }
        $role = $this->ofPalette($this->tokens[$at]['value']);
        if ($role === null) {
            $this->problems[] = HouseProblem::FileValue->at($path, ['name' => $path]);
        }

        return $role;
    }

    /** A colour that is one of the file's own roles, with its opacity; null for any other. */
    private function ofPalette(mixed $value): ?string
    {
        $hex = $this->colour($value);
        $alpha = is_array($value) && (is_int($value['alpha'] ?? 1) || is_float($value['alpha'] ?? 1))
            ? (int) round(100 * ($value['alpha'] ?? 1))
            : 100;
        if ($alpha <= 0) {
            return $hex === null ? null : 'none';
        }
        foreach ($hex === null ? [] : HouseStyle::roles() as $role) {
            $of = $this->tokens["colours.colour-$role"]['value'] ?? null;
            if ($of !== null && $this->colour($of) === $hex) {
                return $alpha >= 100 ? $role : "$role/$alpha";
            }
        }

        return null;
    }

    private function shadow(mixed $value, string $path): ?string
    {
        $one = is_array($value) && array_is_list($value) ? $value[0] ?? null : $value;
        $colour = is_array($one) ? $this->ofPalette($one['color'] ?? null) : null;
        if (! is_array($one) || $colour === null) {
            return null;
        }
        $pixels = array_map(
            fn (string $part): string => (string) round((float) $this->pixels($one[$part] ?? 0, $path)),
            ['offsetX', 'offsetY', 'blur', 'spread'],
        );

        return $colour === 'none'
            ? 'none'
            : implode(' ', $pixels).' '.(str_contains($colour, '/') ? $colour : "$colour/99");
    }

    private function written(TokenKind $kind, mixed $value, string $path): ?string
    {
        $written = match ($kind) {
            TokenKind::Paint, TokenKind::Role => $this->colour($value),
            TokenKind::Font => self::family($value),
            TokenKind::Pixels => $this->pixels($value, $path),
            TokenKind::Number => is_int($value) || is_float($value) && is_finite($value)
                ? self::plain((float) $value)
                : null,
            TokenKind::Shadow => $this->shadow($value, $path),
        };
        if ($written === null && ($this->problems === [] || end($this->problems)->path !== $path)) {
            $this->problems[] = HouseProblem::FileValue->at($path, ['name' => $path]);
        }

        return $written;
    }

    private function colour(mixed $value): ?string
    {
        $hex = is_array($value) ? $value['hex'] ?? null : $value;
        if (is_string($hex) && preg_match('/^#[0-9a-fA-F]{6}$/D', $hex) === 1) {
            return strtolower($hex);
        }
        $components = is_array($value)
            && ($value['colorSpace'] ?? null) === 'srgb'
            && is_array($value['components'] ?? null)
            ? array_values($value['components'])
            : [];
        $channels = array_filter($components, static fn (mixed $one): bool => (is_int($one) || is_float($one))
            && $one >= 0
            && $one <= 1);

        return count($components) === 3 && count($channels) === 3
            ? '#'.implode(
                '',
                array_map(static fn (int|float $one): string => sprintf('%02x', (int) round($one * 255)), $channels),
            )
            : null;
    }

    private function pixels(mixed $value, string $path): ?string
    {
        [$number, $unit] = match (true) {
            is_array($value) => [$value['value'] ?? null, $value['unit'] ?? ''],
            is_string($value) && preg_match('/^(-?\d{1,4}(?:\.\d{1,3})?)([a-z%]*)$/D', $value, $part) === 1 => [
                (float) $part[1],
                $part[2],
            ],
            default => [null, 'px'],
        };
        if (! in_array($unit, ['px', 'rem'], true)) {
            $this->problems[] = HouseProblem::FileUnit
                ->at($path, ['name' => $path, 'unit' => is_string($unit) ? mb_substr($unit, 0, 20) : '']);

            return null;
        }

        return is_int($number) || is_float($number) && is_finite($number)
            ? self::plain(round($number * ($unit === 'rem' ? self::ROOT : 1), 1))
            : null;
    }

    private static function family(mixed $value): ?string
    {
        foreach (is_array($value) ? $value : [$value] as $wanted) {
            foreach (Families::ALL as $key => [$name]) {
                if ($wanted === $name || $wanted === $key) {
                    return $key;
                }
            }
        }

        return null;
    }

    private static function plain(float $number): string
    {
        return abs($number) < 100_000 ? rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.') : '';
    }

    private static function last(string $path): string
    {
        $dot = strrpos($path, '.');

        return $dot === false ? $path : substr($path, $dot + 1);
    }
}
