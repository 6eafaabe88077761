<?php

declare(strict_types=1);

namespace Vestibra\Core\Composing;

use Vestibra\Core\Templates\Setting;
use Vestibra\Core\Templates\Types\Choice;

/**
 * The heading that a block brings with it, of a level that the owner chooses, or plain words.
 *
 * @api
 */
final readonly class OwnHeading
{
    public const LEVELS = [
        'h1' => 'page title (1)', 'h2' => 'section (2)', 'h3' => 'small (3)', 'h4' => 'smallest (4)',
        'p' => 'plain, no heading',
    ];

    /** What data that has it says: the name of its element. */
    public const TAG = 'heading';

    public static function setting(): Setting
    {
        return Setting::what('level', 'Heading level', new Choice(self::LEVELS), 'h2');
    }

    /** @return array{heading: string} */
    public static function of(Settings $settings): array
    {
        return [self::TAG => $settings->text('level')];
    }

    /** @return int|null null where it is no heading */
    public static function level(mixed $tag): ?int
    {
        return is_string($tag) && preg_match('/^h([1-6])$/D', $tag, $part) === 1 ? (int) $part[1] : null;
    }
}
