<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

/**
 * What becomes of a page by changes: another template, the same one that looks different, or nothing.
 *
 * @api
 */
enum PageOutcome: string
{
    case Moves = 'moves';
    case NewLook = 'newLook';
    case Stays = 'stays';

    /**
     * @param  int|null  $before  the template of the page; null: none
     * @param  bool  $looksDifferent  the page, if it keeps its template
     */
    public static function of(?int $before, ?int $after, bool $looksDifferent): self
    {
        return match (true) {
            $before !== $after => self::Moves,
            $looksDifferent => self::NewLook,
            default => self::Stays,
        };
    }
}
