<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\NamesThings;
use Vestibra\Core\Templates\SettingProblem;
use Vestibra\Core\Templates\SettingType;
use Vestibra\Core\Templates\Source;

/**
 * Words with emphasis, lists, headings and links, as HTML. It is made safe when it is printed.
 *
 * @api
 */
final readonly class RichText implements NamesThings, SettingType
{
    private const VALUE = '~<span\b[^>]*\bdata-value="([a-z.-]+)"[^>]*\bdata-of="(\d{1,9})"~';

    public function __construct(private int $max = 20_000)
    {
    }

    public function problem(mixed $value): ?SettingProblem
    {
        return match (true) {
            ! is_string($value), ! mb_check_encoding($value, 'UTF-8') => SettingProblem::NotText,
            mb_strlen($value) > $this->max => SettingProblem::TextTooLong,
            default => null,
        };
    }

    /** Values of the product that stand in the words. */
    public function names(mixed $value): array
    {
        $named = [];
        preg_match_all(self::VALUE, is_string($value) ? $value : '', $found, PREG_SET_ORDER);
        foreach ($found as [, $source, $number]) {
            $named[] = [Source::tryFrom($source) === Source::Option ? 'option' : 'fact', (int) $number];
        }

        return $named;
    }

    public function describe(): array
    {
        return ['type' => 'rich-text', 'max' => $this->max];
    }
}
