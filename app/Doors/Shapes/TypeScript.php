<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shapes;

use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprIntegerNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayTypeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IntersectionTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;

/** Shapes as TypeScript writes them, as they are once JSON has carried them. */
final readonly class TypeScript
{
    private const PLAIN = [
        'int' => 'number', 'float' => 'number', 'positive-int' => 'number', 'non-negative-int' => 'number',
        'string' => 'string', 'non-empty-string' => 'string',
        'bool' => 'boolean', 'true' => 'true', 'false' => 'false', 'null' => 'null', 'mixed' => 'unknown',
        'object' => 'object',
    ];

    /** @param  list<string>  $names  types that are declared elsewhere */
    public function __construct(
        private Shapes $shapes,
        private array $names,
    ) {
    }

    public function write(): string
    {
        $text = '';
        foreach ($this->shapes->all() as $name => $type) {
            $written = $this->type($name, $type);
            $text .= str_starts_with($written, '{') && $type instanceof ArrayShapeNode
                ? "export interface $name $written\n"
                : "export type $name = $written;\n";
        }

        return $text;
    }

    private function type(string $shape, TypeNode $type): string
    {
        return match (true) {
            $type instanceof IdentifierTypeNode => $this->named($shape, $type->name),
            $type instanceof NullableTypeNode => $this->type($shape, $type->type).' | null',
            $type instanceof UnionTypeNode => implode(
                ' | ',
                array_map(fn (TypeNode $one): string => $this->type($shape, $one), $type->types),
            ),
            $type instanceof IntersectionTypeNode => implode(
                ' & ',
                array_map(fn (TypeNode $one): string => $this->type($shape, $one), $type->types),
            ),
            $type instanceof ArrayTypeNode => $this->list($shape, $type->type),
            $type instanceof GenericTypeNode => $this->generic($shape, $type),
            $type instanceof ArrayShapeNode => $this->shape($shape, $type),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode =>
                "'{$type->constExpr->value}'",
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprIntegerNode =>
                $type->constExpr->value,
            default => throw new LogicException("$shape has a type that cannot be written: $type"),
        };
    }

    private function named(string $shape, string $name): string
    {
        $alias = $this->shapes->alias($shape, $name);

        return match (true) {
            isset(self::PLAIN[$name]) => self::PLAIN[$name],
            isset($this->shapes->all()[$name]), in_array($name, $this->names, true) => $name,
            $alias !== null => $this->type($shape, $alias),
            default => throw new LogicException("$shape names $name, which is no shape."),
        };
    }

    private function generic(string $shape, GenericTypeNode $type): string
    {
        $of = $type->genericTypes;

        return match ((string) $type->type) {
            'list', 'non-empty-list' => $this->list($shape, $of[0]),
            'array',
            'non-empty-array' => isset($of[1])
                ? "Record<string, {$this->type($shape, $of[1])}>"
                : $this->list($shape, $of[0]),
            default => throw new LogicException("$shape has a type that cannot be written: $type"),
        };
    }

    private function list(string $shape, TypeNode $of): string
    {
        $written = $this->type($shape, $of);

        return (preg_match('/^\w+$/', $written) === 1 ? $written : "($written)").'[]';
    }

    private function shape(string $shape, ArrayShapeNode $type): string
    {
        if ($type->items !== [] && $type->items[0]->keyName === null) {
            return '['.implode(
                ', ',
                array_map(fn (ArrayShapeItemNode $item): string => $this->type($shape, $item->valueType), $type->items),
            ).']';
        }

        return '{ '.implode(' ', array_map(
            fn (ArrayShapeItemNode $item): string => trim((string) $item->keyName, "'")
                .($item->optional ? '?' : '')
                .": {$this->type($shape, $item->valueType)};",
            $type->items,
        )).' }';
    }
}
