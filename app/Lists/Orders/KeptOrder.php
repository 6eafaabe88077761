<?php

declare(strict_types=1);

namespace Vestibra\App\Lists\Orders;

/** An order that is kept. Equals stand by their number. */
enum KeptOrder: string
{
    case Cheap = 'cheap';
    case Dear = 'dear';
    case Rated = 'rated';
    case Saving = 'saving';

    /** The most awkward to lay out first, and by title. */
    case Awkward = 'awkward';

    /** Those that are ordinary first, and by title. */
    case Ordinary = 'ordinary';

    /** @return non-empty-list<string> what it goes by */
    public function columns(): array
    {
        return match ($this) {
            self::Cheap, self::Dear => ['lowest'],
            self::Rated => ['rating', 'reviews'],
            self::Saving => ['saving'],
            self::Awkward => ['awkward', 'title'],
            self::Ordinary => ['ordinary', 'title'],
        };
    }

    /** SQL of what it goes by. */
    public function sql(): string
    {
        return match ($this) {
            self::Cheap => 'lowest nulls last',
            self::Dear => 'lowest desc nulls last',
            self::Rated => 'rating desc, reviews desc',
            self::Saving => 'saving desc nulls last',
            self::Awkward => 'awkward desc, title',
            self::Ordinary => 'ordinary desc, title',
        };
    }
}
