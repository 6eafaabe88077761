<?php

declare(strict_types=1);

namespace Vestibra\Demo\Goods;

/** Sentences for the demo's goods, taken by number so that every run gives the same shop. */
final class Words
{
    /** @param  list<string>  $sentences */
    public static function pick(array $sentences, int $number): string
    {
        return $sentences[$number % count($sentences)];
    }

    /** @param  list<string>  $points */
    public static function html(string $first, string $second, array $points): string
    {
        return "<p>$first</p><p>$second</p><ul><li>".implode('</li><li>', $points).'</li></ul>';
    }
}
