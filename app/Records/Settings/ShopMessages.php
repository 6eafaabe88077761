<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

use Closure;
use Illuminate\Database\QueryException;
use RuntimeException;
use Vestibra\Core\Messages\Messages;

/** What customers read, in the shop's language, with the owner's own words where there are any. Read once a request. */
final class ShopMessages
{
    private ?Messages $live = null;

    /** @var array<string, string>|null */
    private ?array $shipped = null;

    public function __construct(
        public readonly string $locale,
        private readonly string $folder,
        private readonly LiveSettings $settings,
    ) {
    }

    public function live(): Messages
    {
        return $this->live ??= $this->with($this->stored());
    }

    /** @return array<string, string> none while the database cannot be read: what failed has to be said all the same */
    private function stored(): array
    {
        try {
            return OwnWords::read($this->settings->words());
        } catch (QueryException) {
            return [];
        }
    }

    /** @param  array<string, string>  $own */
    public function with(array $own): Messages
    {
        return new Messages($this->locale, $this->shipped(), array_intersect_key($own, $this->shipped()));
    }

    /**
     * @return array<string, string> as they ship in the shop's language, or in English where there is no list for it
     */
    public function shipped(): array
    {
        if ($this->shipped === null) {
            $language = explode('_', $this->locale)[0];
            $file = "$this->folder/$language.php";
            $read = require is_file($file) ? $file : "$this->folder/en.php";
            $this->shipped = is_array($read)
                ? array_filter(
                    $read,
                    static fn (mixed $pattern, mixed $key): bool => is_string($pattern) && is_string($key),
                    ARRAY_FILTER_USE_BOTH,
                )
                : throw new RuntimeException("$file gives no list.");
        }

        return $this->shipped;
    }

    /** @return array{say: Closure(string, array<string, string|int|float>=): string, language: string} */
    public function forViews(): array
    {
        $messages = $this->live();

        return ['say' => $messages->say(...), 'language' => $messages->language()];
    }
}
