<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingType;

/** Where a click leads: a page of the shop from `/` on, or an https, http, mailto or tel address. Empty for nowhere. */
final readonly class Link implements SettingType
{
    private const MAX = 500;

    public function problem(mixed $value): ?string
    {
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || mb_strlen($value) > self::MAX) {
            return 'setting.not-a-link';
        }
        $leads = $value === ''
            || preg_match('~^/(?![/\\\\])[^\s\\\\]*$~uD', $value) === 1
            || preg_match('~^(https?://[^\s/\\\\]+[^\s\\\\]*|mailto:[^\s@]+@[^\s@]+|tel:\+?[0-9 ()/-]{3,40})$~uDi', $value) === 1;

        return $leads ? null : 'setting.not-a-link';
    }

    public function describe(): array
    {
        return ['type' => 'link', 'max' => self::MAX];
    }
}
