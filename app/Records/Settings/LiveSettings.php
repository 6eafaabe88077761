<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

use stdClass;
use Vestibra\App\Records\Settings\Sql\LiveRow;

/**
 * What the shop says of itself as it is live: words, money and house style, read at once by whoever asks first in a
 * request.
 */
final class LiveSettings
{
    private ?stdClass $row = null;

    /** @return string the owner's own words, as they are stored; empty for none */
    public function words(): string
    {
        return (string) $this->row()->words;
    }

    public function money(): ?string
    {
        return $this->row()->money;
    }

    public function house(): ?string
    {
        return $this->row()->house;
    }

    /** One of them is another one now. */
    public function forget(): void
    {
        $this->row = null;
    }

    private function row(): stdClass
    {
        return $this->row ??= LiveRow::read();
    }
}
