<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use LogicException;
use Vestibra\Core\Templates\Edit;

/**
 * All kinds of edits, by name.
 *
 * @api
 */
final readonly class EditKinds
{
    /** @param  array<string, class-string<Edit>>  $classes */
    private function __construct(private array $classes)
    {
    }

    /** Another kind of edit is one class, and one line here. */
    public static function standard(): self
    {
        return self::of(
            Insert::class,
            Remove::class,
            Move::class,
            SetValue::class,
            SetReach::class,
            Replace::class,
        );
    }

    /**
     * @param  class-string<Edit>  ...$classes
     *
     * @throws LogicException when two have one name
     */
    public static function of(string ...$classes): self
    {
        $byName = [];
        foreach ($classes as $class) {
            $name = $class::kind()->name;
            if (isset($byName[$name])) {
                throw new LogicException("Two kinds of edits are called {$name}.");
            }
            $byName[$name] = $class;
        }

        return new self($byName);
    }

    /** @return class-string<Edit>|null */
    public function class(mixed $name): ?string
    {
        return is_string($name) ? $this->classes[$name] ?? null : null;
    }

    /** @return list<EditKind> */
    public function all(): array
    {
        return array_map(static fn (string $class): EditKind => $class::kind(), array_values($this->classes));
    }
}
