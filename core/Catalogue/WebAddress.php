<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue;

/**
 * Where a click may lead: a page of the shop from `/` on, or an https, http, mailto or tel address.
 *
 * @api
 */
final readonly class WebAddress
{
    public const MAX = 500;

    public static function isGood(string $address): bool
    {
        return mb_check_encoding($address, 'UTF-8') && mb_strlen($address) <= self::MAX && (
            preg_match('~^/(?![/\\\\])[^\s\\\\]*$~uD', $address) === 1
            || preg_match(
                '~^(https?://[^\s/\\\\]+[^\s\\\\]*|mailto:[^\s@]+@[^\s@]+|tel:\+?[0-9 ()/-]{3,40})$~uDi',
                $address,
            ) === 1
        );
    }
}
