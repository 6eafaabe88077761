<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Generator;
use stdClass;
use Vestibra\Core\Styling\Width;

/**
 * One place in a template's tree: the page, a band, a column or a block. A value; changing it gives a new one that
 * shares what did not change, or the very same one when nothing did.
 *
 * @phpstan-type Settings array<string, mixed>
 *
 * @shape TreeNode array{id: string, kind: BlockKind, what?: array<string, Value>, how?: array{desktop?: array<string,
 *     Value>, tablet?: array<string, Value>, phone?: array<string, Value>}, when?: array<string, Value>,
 *     children?: list<TreeNode>}
 *
 * @api
 */
final readonly class Node
{
    /**
     * @param  Settings  $what
     * @param  array<string, Settings>  $how  by width
     * @param  Settings  $when
     * @param  list<Node>  $children
     */
    public function __construct(
        public string $id,
        public string $kind,
        public array $what = [],
        public array $how = [],
        public array $when = [],
        public array $children = [],
    ) {
    }

    /** @param  list<Node>  $children */
    public function withChildren(array $children): self
    {
        return $children === $this->children
            ? $this
            : new self($this->id, $this->kind, $this->what, $this->how, $this->when, $children);
    }

    /** The value of one setting; null when it is unset. The width matters for styles alone. */
    public function value(Question $question, string $width, string $name): mixed
    {
        return match ($question) {
            Question::What => $this->what[$name] ?? null,
            Question::How => $this->how[$width][$name] ?? null,
            Question::When => $this->when[$name] ?? null,
        };
    }

    /** What is set of a style at a width, there or for a wider one; null where nothing is. */
    public function holding(string $name, Width $width): mixed
    {
        return ($width === Width::Phone ? $this->how['phone'][$name] ?? null : null)
            ?? ($width === Width::Desktop ? null : $this->how['tablet'][$name] ?? null)
            ?? $this->how['desktop'][$name] ?? null;
    }

    /** Whether it is seen at a width, as far as that is set for it. */
    public function isOn(Width $width): bool
    {
        $widths = $this->when['widths'] ?? null;

        return ! is_array($widths) || in_array($width->value, $widths, true);
    }

    /** Null unsets. */
    public function withValue(Question $question, string $width, string $name, mixed $value): self
    {
        if ($this->value($question, $width, $name) === $value) {
            return $this;
        }
        $how = $this->how;
        if ($question === Question::How) {
            $how[$width] = self::with($how[$width] ?? [], $name, $value);
            $how = array_filter($how, static fn (array $layer): bool => $layer !== []);
        }

        return new self(
            $this->id,
            $this->kind,
            $question === Question::What ? self::with($this->what, $name, $value) : $this->what,
            $how,
            $question === Question::When ? self::with($this->when, $name, $value) : $this->when,
            $this->children,
        );
    }

    public function find(string $id): ?self
    {
        foreach ($this->walk() as $node) {
            if ($node->id === $id) {
                return $node;
            }
        }

        return null;
    }

    public function parentOf(string $id): ?self
    {
        foreach ($this->walk() as $node) {
            foreach ($node->children as $child) {
                if ($child->id === $id) {
                    return $node;
                }
            }
        }

        return null;
    }

    /** The id of the neighbour before a child; null when it is the first. */
    public function before(string $childId): ?string
    {
        $before = null;
        foreach ($this->children as $child) {
            if ($child->id === $childId) {
                return $before;
            }
            $before = $child->id;
        }

        return null;
    }

    /** @return Generator<int, Node> itself and everything beneath, parents first */
    public function walk(): Generator
    {
        $stack = [$this];
        while ($stack !== []) {
            $node = array_pop($stack);
            yield $node;
            foreach (array_reverse($node->children) as $child) {
                $stack[] = $child;
            }
        }
    }

    /** @param  callable(Node): Node  $change */
    public function change(string $id, callable $change): self
    {
        if ($this->id === $id) {
            return $change($this);
        }
        foreach ($this->children as $index => $child) {
            $changed = $child->change($id, $change);
            if ($changed !== $child) {
                $children = $this->children;
                $children[$index] = $changed;

                return $this->withChildren(array_values($children));
            }
        }

        return $this;
    }

    /** Without a child of any depth. */
    public function without(string $id): self
    {
        $parent = $this->parentOf($id);
        if ($parent === null) {
            return $this;
        }

        return $this->change($parent->id, static fn (Node $node): Node => $node->withChildren(
            array_values(array_filter($node->children, static fn (Node $child): bool => $child->id !== $id)),
        ));
    }

    /** With a new child behind a neighbour; null puts it first. */
    public function withChild(string $parentId, ?string $after, Node $child): self
    {
        return $this->change($parentId, static function (Node $parent) use ($after, $child): Node {
            $children = [];
            if ($after === null) {
                $children[] = $child;
            }
            foreach ($parent->children as $existing) {
                $children[] = $existing;
                if ($existing->id === $after) {
                    $children[] = $child;
                }
            }

            return $parent->withChildren($children);
        });
    }

    /** @return array<string, mixed> empty parts are left out; empty maps stay maps in JSON */
    public function toArray(): array
    {
        $object = static fn (array $map): array|stdClass => $map === [] ? new stdClass : $map;

        return array_filter([
            'id' => $this->id,
            'kind' => $this->kind,
            'what' => $this->what === [] ? null : $this->what,
            'how' => $this->how === [] ? null : array_map($object, $this->how),
            'when' => $this->when === [] ? null : $this->when,
            'children' => $this->children === [] ? null : array_map(
                static fn (Node $child): array => $child->toArray(),
                $this->children,
            ),
        ], static fn (mixed $part): bool => $part !== null);
    }

    /**
     * @param  Settings  $map
     * @return Settings
     */
    private static function with(array $map, string $name, mixed $value): array
    {
        if ($value === null) {
            unset($map[$name]);

            return $map;
        }
        $map[$name] = $value;
        ksort($map);

        return $map;
    }
}
