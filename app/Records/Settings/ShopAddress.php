<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

/**
 * The address that the shop is known by outside: in canonical addresses, feeds, sitemaps, letters and files. It comes
 * from the settings (`APP_URL`); a request has a say only when it came to a host that is named there too
 * (`SHOP_HOSTS`).
 */
final class ShopAddress
{
    public static function of(string $path): string
    {
        $base = self::base();

        return preg_match('~^https?://~', $path) === 1
            ? $path
            : ($path === '/' || $path === '' ? $base : $base.'/'.ltrim($path, '/'));
    }

    /** @return string without a slash at its end */
    public static function base(): string
    {
        return rtrim(config()->string('vestibra.asked_at') ?: config()->string('app.url'), '/');
    }

    /**
     * A request came to a host: where that is one the shop is known by, addresses begin with it as long as the request
     * lasts.
     */
    public static function askedAt(string $scheme, string $host): void
    {
        $host = strtolower($host);
        config(['vestibra.asked_at' => in_array($host, self::hosts(), true) ? "$scheme://$host" : '']);
    }

    /** @return list<string> as a Host header has them */
    private static function hosts(): array
    {
        return array_values(array_filter(array_map(
            static fn (string $host): string => strtolower(trim($host)),
            explode(',', config()->string('vestibra.hosts')),
        )));
    }
}
