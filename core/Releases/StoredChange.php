<?php

declare(strict_types=1);

namespace Vestibra\Core\Releases;

use LogicException;

/**
 * A change as a release holds it. We wrote it: what cannot be read is a fault of ours, and thrown.
 *
 * @phpstan-import-type Live from TemplateChange
 * @phpstan-import-type InUse from HouseStyleChange
 *
 * @internal
 */
final readonly class StoredChange
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function text(string $name, string $otherwise = ''): string
    {
        $value = $this->values[$name] ?? $otherwise;

        return is_string($value) ? $value : throw self::unreadable($name);
    }

    public function number(string $name): int
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) ? $value : throw self::unreadable($name);
    }

    /** @return list<int> */
    public function numbers(string $name): array
    {
        return array_values(array_map(
            static fn (mixed $one): int => is_int($one) ? $one : throw self::unreadable($name),
            $this->map($name),
        ));
    }

    /** @return array<string, int|null> */
    public function numbered(string $name): array
    {
        $numbered = [];
        foreach ($this->map($name) as $key => $value) {
            $numbered[(string) $key] = $value === null || is_int($value) ? $value : throw self::unreadable($name);
        }

        return $numbered;
    }

    /** @return array<string, string|null> */
    public function texts(string $name): array
    {
        $texts = [];
        foreach ($this->map($name) as $key => $value) {
            $texts[(string) $key] = $value === null || is_string($value) ? $value : throw self::unreadable($name);
        }

        return $texts;
    }

    /** @return Live|null */
    public function live(string $name): ?array
    {
        if (($this->values[$name] ?? null) === null) {
            return null;
        }
        $live = new self($this->map($name));

        return [
            'tree' => $live->named('tree'),
            'reach' => $live->named('reach'),
            'revision' => $live->number('revision'),
        ];
    }

    /** @return InUse */
    public function style(string $name): array
    {
        $style = new self($this->map($name));

        return [
            'style' => $style->number('style'),
            'name' => $style->text('name'),
            'tokens' => array_filter($style->texts('tokens'), is_string(...)),
        ];
    }

    /** @return array<string, mixed> */
    private function named(string $name): array
    {
        $named = [];
        foreach ($this->map($name) as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    /** @return array<array-key, mixed> */
    private function map(string $name): array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) || is_object($value) ? (array) $value : throw self::unreadable($name);
    }

    private static function unreadable(string $name): LogicException
    {
        return new LogicException("A release holds a change that cannot be read: $name.");
    }
}
