<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Accounts;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;

/**
 * Wrong passwords are slowed down, for one address and account together and more loosely for an address: each beyond
 * the first few doubles the wait, up to five minutes. Nobody is ever locked out: from elsewhere the owner signs in at
 * once.
 */
final class Tries
{
    /** Wrong tries that cost no waiting: for an account from one address, and for whatever comes from that address. */
    private const FREE = ['account' => 5, 'address' => 30];

    private const LONGEST_WAIT = 300;

    private const FORGOTTEN_AFTER = 3600;

    /** @return int seconds that have to pass before another try is looked at */
    public function wait(string $address, string $account): int
    {
        $waits = array_map(
            static fn (string $key): int => self::until(Cache::get($key)) - Date::now()->getTimestamp(),
            self::keys($address, $account),
        );

        return max(0, ...array_values($waits));
    }

    public function wrong(string $address, string $account): void
    {
        foreach (self::keys($address, $account) as $what => $key) {
            Cache::lock("$key lock", 5)->block(5, static function () use ($what, $key): void {
                $stored = Cache::get($key);
                $count = (is_array($stored) && is_int($stored['count'] ?? null) ? $stored['count'] : 0) + 1;
                $beyond = $count - self::FREE[$what];
                $wait = $beyond < 0 ? 0 : (int) min(self::LONGEST_WAIT, 2 ** min($beyond, 12));
                Cache::put(
                    $key,
                    ['count' => $count, 'until' => Date::now()->getTimestamp() + $wait],
                    self::FORGOTTEN_AFTER,
                );
            });
        }
    }

    public function right(string $address, string $account): void
    {
        Cache::forget(self::keys($address, $account)['account']);
    }

    private static function until(mixed $stored): int
    {
        return is_array($stored) && is_int($stored['until'] ?? null) ? $stored['until'] : 0;
    }

    /** @return array{account: string, address: string} */
    private static function keys(string $address, string $account): array
    {
        return [
            'account' => 'sign-in '.hash('sha256', "$address $account"),
            'address' => 'sign-in '.hash('sha256', $address),
        ];
    }
}
