<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/** The families of letters that ship with the shop. */
final class Fonts
{
    public static function knows(string $family): bool
    {
        return isset(Families::ALL[$family]);
    }

    /** What CSS takes for it, with what stands there until it has come and takes the same room. */
    public static function stack(string $family): string
    {
        [$name, $kind] = Families::ALL[$family] ?? Families::ALL['instrument-sans'];
        $generic = $kind === 'serif' ? 'serif' : 'system-ui,sans-serif';

        return "'$name','$name room',$generic";
    }
}
