<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use LogicException;

/**
 * All kinds that a tree may hold, by name.
 *
 * @api
 */
final readonly class Schema
{
    /** @param  array<string, Definition>  $definitions */
    private function __construct(private array $definitions)
    {
    }

    /** @throws LogicException when two kinds have one name */
    public static function of(Definition ...$definitions): self
    {
        $byKind = [];
        foreach ($definitions as $definition) {
            if (isset($byKind[$definition->kind])) {
                throw new LogicException("Two kinds are called $definition->kind.");
            }
            $byKind[$definition->kind] = $definition;
        }

        return new self($byKind);
    }

    public function definition(string $kind): ?Definition
    {
        return $this->definitions[$kind] ?? null;
    }

    /** @return list<Definition> */
    public function all(): array
    {
        return array_values($this->definitions);
    }

    public function mayHold(string $parentKind, string $childKind): bool
    {
        $parent = $this->definition($parentKind);
        $child = $this->definition($childKind);

        return $parent?->accepts !== null && $parent->accepts === $child?->role;
    }
}
