<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * The families of letters that ship with the shop.
 *
 * @api
 */
final class Fonts
{
    public static function knows(string $family): bool
    {
        return isset(Families::ALL[$family]) || self::isOwn($family);
    }

    /** Whether it is one of those that the owner brought, by number. */
    public static function isOwn(string $family): bool
    {
        return preg_match('/^own-[1-9]\d{0,8}$/D', $family) === 1;
    }

    /** What CSS takes for it, with what stands there until it has come and takes the same room. */
    public static function stack(string $family): string
    {
        if (self::isOwn($family)) {
            return "'$family',system-ui,sans-serif";
        }
        [$name, $kind] = Families::ALL[$family] ?? Families::ALL['instrument-sans'];
        $generic = $kind === 'serif' ? 'serif' : 'system-ui,sans-serif';

        return "'$name','$name room',$generic";
    }
}
