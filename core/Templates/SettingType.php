<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/** What values a setting takes. */
interface SettingType
{
    /** @return string|null the code of what is wrong with a value, or null when it is accepted */
    public function problem(mixed $value): ?string;

    /** @return array<string, mixed> what the settings panel and the schema need; `type` is always there */
    public function describe(): array;
}
