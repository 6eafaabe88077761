<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Styles;

use Vestibra\Core\Styling\PieceState;

/**
 * What the name of a style in a tree says: `now.size:hovered` is the size of the piece *now* while it is hovered;
 * `size` that of the whole.
 *
 * @api
 */
final class StyleKey
{
    private const MOST_KNOWN = 2000;

    private function __construct(
        public readonly string $piece,
        public readonly string $property,
        public readonly PieceState $state,
    ) {
    }

    /** @var array<string, self|null> by name: the same few are asked for over and over */
    private static array $known = [];

    public static function parse(string $name): ?self
    {
        if (! array_key_exists($name, self::$known)) {
            self::$known = count(self::$known) < self::MOST_KNOWN ? self::$known : [];
            self::$known[$name] = self::read($name);
        }

        return self::$known[$name];
    }

    private static function read(string $name): ?self
    {
        if (
            preg_match('/^(?:([a-z][A-Za-z]{0,23})\.)?([a-z][A-Za-z]{0,23})(?::([a-z]{1,11}))?$/D', $name, $part) !== 1
        ) {
            return null;
        }
        $state = PieceState::tryFrom($part[3] ?? PieceState::Usual->value);

        return $state === null || ($part[3] ?? '') === PieceState::Usual->value
            ? null
            : new self($part[1], $part[2], $state);
    }

    public static function of(string $piece, string $property, PieceState $state = PieceState::Usual): string
    {
        return ($piece === Piece::WHOLE ? '' : "$piece.").$property.(
            $state === PieceState::Usual ? '' : ":$state->value"
        );
    }
}
