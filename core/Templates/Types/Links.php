<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Catalogue\WebAddress;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;

/**
 * Links that the owner writes down, in an order, some of them beneath the one before.
 *
 * @phpstan-type LinkLine array{words: string, link: string, under: bool}
 *
 * @shape LinkLine
 *
 * @api
 */
final readonly class Links implements SettingType
{
    /** More than anybody reads, and few enough to look through. */
    public const MOST = 60;

    public const MOST_LETTERS = 60;

    public function problem(mixed $value): ?SettingProblem
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) > self::MOST) {
            return SettingProblem::NotLinks;
        }

        return count(self::read($value)) === count($value) ? null : SettingProblem::NotLinks;
    }

    /** @return list<LinkLine> those of a value that are good */
    public static function read(mixed $value): array
    {
        return array_values(array_map(
            static fn (array $line): array =>
                ['words' => $line['words'], 'link' => $line['link'], 'under' => $line['under']],
            array_filter(is_array($value) ? $value : [], self::isLine(...)),
        ));
    }

    /** @phpstan-assert-if-true LinkLine $line */
    private static function isLine(mixed $line): bool
    {
        return is_array($line)
            && count($line) === 3
            && is_string($line['words'] ?? null)
            && mb_check_encoding($line['words'], 'UTF-8')
            && mb_strlen($line['words']) <= self::MOST_LETTERS
            && is_string($line['link'] ?? null) && ($line['link'] === '' || WebAddress::isGood($line['link']))
            && is_bool($line['under'] ?? null);
    }

    public function describe(): array
    {
        return ['type' => 'links', 'max' => self::MOST];
    }
}
