<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

/** The house style that somebody of the Studio looks with, by number; 0 for the one in use. The doors say it. */
final readonly class AskedHouse
{
    public function __construct(public int $id = 0)
    {
    }
}
