<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Doors\Shapes;

use BackedEnum;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayTypeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IntersectionTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use Vestibra\App\Doors\Shapes\Shapes;
use Vestibra\Blocks\Kinds;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ConditionValues;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Definition;
use Vestibra\Core\Templates\Question;

/** Whether what JSON brought has the shape that was promised, to the letter: nothing missing, nothing besides. */
final readonly class Conforming
{
    private const ENUMS = [
        'PageKind' => PageKind::class,
        'Question' => Question::class,
        'WidthName' => Width::class,
        'FactKind' => FactKind::class,
        'Takes' => ConditionValues::class,
        'Thing' => Thing::class,
    ];

    public function __construct(private Shapes $shapes)
    {
    }

    /** @return string|null where it does not, and why */
    public function to(string $shape, mixed $value): ?string
    {
        return $this->type($shape, $this->shapes->get($shape), $value, $shape);
    }

    private function type(string $shape, TypeNode $type, mixed $value, string $at): ?string
    {
        return match (true) {
            $type instanceof IdentifierTypeNode => $this->named($shape, $type->name, $value, $at),
            $type instanceof UnionTypeNode => $this->any($shape, $type, $value, $at),
            $type instanceof IntersectionTypeNode => $this->shape($shape, $this->members($shape, $type), $value, $at),
            $type instanceof ArrayShapeNode => $this->shape($shape, $this->members($shape, $type), $value, $at),
            $type instanceof ArrayTypeNode => $this->each($shape, $type->type, $value, $at, true),
            $type instanceof GenericTypeNode => $this->each(
                $shape,
                $type->genericTypes[count($type->genericTypes) - 1],
                $value,
                $at,
                str_contains((string) $type->type, 'list'),
            ),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode =>
                $value === $type->constExpr->value ? null : "$at is not “{$type->constExpr->value}”",
            default => "$at has a type that is not known: $type",
        };
    }

    private function named(string $shape, string $name, mixed $value, string $at): ?string
    {
        $alias = $this->shapes->alias($shape, $name);
        if (isset($this->shapes->all()[$name]) && $name !== $shape
            || ($name === $shape && $alias === null && ! $this->isPlain($name))) {
            return $this->type($name, $this->shapes->get($name), $value, $at);
        }
        if ($alias !== null) {
            return $this->type($shape, $alias, $value, $at);
        }
        $good = match ($name) {
            'int' => is_int($value),
            'float' => is_float($value) || is_int($value),
            'string' => is_string($value),
            'bool' => is_bool($value),
            'null' => $value === null,
            'mixed' => true,
            'BlockKind' => in_array(
                $value,
                array_map(static fn (Definition $one): string => $one->kind, Kinds::composer()->schema->all()),
                true,
            ),
            default => isset(self::ENUMS[$name]) && is_string($value) && self::case(self::ENUMS[$name], $value),
        };

        return $good ? null : "$at is no $name but ".json_encode($value);
    }

    private function isPlain(string $name): bool
    {
        return in_array($name, ['int', 'float', 'string', 'bool', 'null', 'mixed'], true);
    }

    /** @param  class-string<BackedEnum>  $enum */
    private static function case(string $enum, string $value): bool
    {
        return $enum::tryFrom($value) !== null;
    }

    private function any(string $shape, UnionTypeNode $type, mixed $value, string $at): ?string
    {
        $why = array_map(fn (TypeNode $one): ?string => $this->type($shape, $one, $value, $at), $type->types);

        return in_array(null, $why, true) ? null : implode(' and ', array_filter($why));
    }

    /** @return array<string, array{bool, TypeNode, string}> key => whether it may be missing, its type, whose it is */
    private function members(string $shape, TypeNode $type): array
    {
        if ($type instanceof IdentifierTypeNode) {
            $alias = $this->shapes->alias($shape, $type->name);

            return $alias === null
                ? $this->members($type->name, $this->shapes->get($type->name))
                : $this->members($shape, $alias);
        }
        $members = [];
        foreach ($type instanceof IntersectionTypeNode ? $type->types : [] as $one) {
            $members += $this->members($shape, $one);
        }
        foreach ($type instanceof ArrayShapeNode ? $type->items : [] as $item) {
            $members[trim((string) $item->keyName, "'")] = [$item->optional, $item->valueType, $shape];
        }

        return $members;
    }

    /** @param  array<string, array{bool, TypeNode, string}>  $members */
    private function shape(string $shape, array $members, mixed $value, string $at): ?string
    {
        if (! is_array($value)) {
            return "$at is no object";
        }
        foreach (array_keys($value) as $key) {
            if (! isset($members[$key])) {
                return "$at has $key, which nobody promised";
            }
        }
        foreach ($members as $key => [$optional, $type, $whose]) {
            if (! array_key_exists($key, $value)) {
                if (! $optional) {
                    return "$at has no $key";
                }
            } elseif (($why = $this->type($whose, $type, $value[$key], "$at.$key")) !== null) {
                return $why;
            }
        }

        return null;
    }

    private function each(string $shape, TypeNode $of, mixed $value, string $at, bool $list): ?string
    {
        if (! is_array($value) || ($list && ! array_is_list($value))) {
            return "$at is no list";
        }
        foreach ($value as $key => $one) {
            $why = $this->type($shape, $of, $one, "$at.$key");
            if ($why !== null) {
                return $why;
            }
        }

        return null;
    }
}
