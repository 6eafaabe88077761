<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Types;

use Vestibra\Core\Templates\SettingType;

/** Words with emphasis, lists, headings and links, as HTML. It is made safe when it is printed. */
final readonly class RichText implements SettingType
{
    public function __construct(private int $max = 20_000)
    {
    }

    public function problem(mixed $value): ?string
    {
        return match (true) {
            ! is_string($value), ! mb_check_encoding($value, 'UTF-8') => 'setting.not-text',
            mb_strlen($value) > $this->max => 'setting.text-too-long',
            default => null,
        };
    }

    public function describe(): array
    {
        return ['type' => 'rich-text', 'max' => $this->max];
    }
}
