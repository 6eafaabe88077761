<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\StyleValue;
use Vestibra\Core\Templates\Limited;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * A shadow: none, one of the house style, or its own as `0 8 24 0 ink/12`, which are right, down, blur and spread in
 * pixels and a colour.
 *
 * @internal
 */
final readonly class Shadow implements Limited, SettingType, StyleValue
{
    private const MOST = 200;

    private const OWN = '/^(-?\d{1,3}) (-?\d{1,3}) (\d{1,3}) (-?\d{1,3}) (\S+)$/D';

    public function problem(mixed $value): ?SettingProblem
    {
        if ($value === 'none' || is_string($value) && isset(HouseStyle::SHADOWS[$value])) {
            return null;
        }
        if (! is_string($value) || preg_match(self::OWN, $value, $part) !== 1) {
            return SettingProblem::NotAShadow;
        }
        foreach (array_slice($part, 1, 4) as $pixels) {
            if (abs((int) $pixels) > self::MOST) {
                return SettingProblem::NumberOutside;
            }
        }

        return (new Colour)->problem($part[5]);
    }

    public function limits(mixed $value): string
    {
        return '-'.self::MOST.' to '.self::MOST.' px';
    }

    public function describe(): array
    {
        $options = [['value' => 'none', 'words' => 'none']];
        foreach (HouseStyle::SHADOWS as $value => $words) {
            $options[] = ['value' => $value, 'words' => $words];
        }

        return ['type' => 'shadow', 'options' => $options, 'roles' => HouseStyle::roles(), 'max' => self::MOST];
    }

    public function css(mixed $value): string
    {
        if (! is_string($value) || $value === 'none') {
            return 'none';
        }
        if (preg_match(self::OWN, $value, $part) !== 1) {
            return "var(--$value)";
        }
        $pixels = array_map(
            static fn (string $one): string => (int) $one === 0 ? '0' : (int) $one.'px',
            array_slice($part, 1, 4),
        );

        return implode(' ', $pixels).' '.(new Colour)->css($part[5]);
    }
}
