<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Shapes;

use FilesystemIterator;
use LogicException;
use PHPStan\PhpDocParser\Ast\PhpDoc\GenericTagValueNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasImportTagValueNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\TypeAliasTagValueNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The shapes in which the Studio and the server speak, read from the docblocks of those who make or take them: a line
 * (the tag `shape`, a name, a type as PHPStan writes it) declares one. A type may name other shapes, and the PHPStan
 * aliases of its own file; one without a type stands for the alias of its name.
 */
final class Shapes
{
    private readonly Lexer $lexer;

    private readonly TypeParser $types;

    private readonly PhpDocParser $docs;

    /** @var array<string, TypeNode> by name */
    private array $shapes = [];

    /** @var array<string, array<string, TypeNode>> by file, the aliases that a type in it may name */
    private array $aliases = [];

    /** @var array<string, string> shape => its file */
    private array $from = [];

    /** @param  list<string>  $folders */
    private function __construct(array $folders)
    {
        $config = new ParserConfig([]);
        $this->lexer = new Lexer($config);
        $constants = new ConstExprParser($config);
        $this->types = new TypeParser($config, $constants);
        $this->docs = new PhpDocParser($config, $this->types, $constants);
        $imports = [];
        foreach ($folders as $folder) {
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                    $imports += $this->read($file->getPathname());
                }
            }
        }
        foreach ($imports as [$file, $alias, $class, $as]) {
            foreach (array_keys($this->aliases) as $other) {
                if (basename($other, '.php') === $class && isset($this->aliases[$other][$alias])) {
                    $this->aliases[$file][$as] ??= $this->aliases[$other][$alias];
                }
            }
        }
        foreach ($this->shapes as $name => $type) {
            $alias = $this->aliases[$this->from[$name]][(string) $type] ?? null;
            $this->shapes[$name] = $alias ?? $type;
        }
        ksort($this->shapes);
    }

    public static function ofProject(): self
    {
        return new self([base_path('app'), base_path('core')]);
    }

    /** @return array<string, TypeNode> by name */
    public function all(): array
    {
        return $this->shapes;
    }

    /** @throws LogicException when there is no such shape */
    public function get(string $name): TypeNode
    {
        return $this->shapes[$name] ?? throw new LogicException("There is no shape $name.");
    }

    /** What a name means where a shape is declared: null for another shape, which goes by its name. */
    public function alias(string $shape, string $name): ?TypeNode
    {
        return isset($this->shapes[$name]) ? null : $this->aliases[$this->from[$shape] ?? ''][$name] ?? null;
    }

    /** @return array<string, array{string, string, string, string}> file, alias, class, name in the file */
    private function read(string $file): array
    {
        $code = (string) file_get_contents($file);
        $imports = [];
        preg_match_all('~/\*\*.*?\*/~s', $code, $blocks);
        foreach ($blocks[0] as $block) {
            if (! str_contains($block, '@shape') && ! str_contains($block, '@phpstan-')) {
                continue;
            }
            foreach ($this->docs->parse(new TokenIterator($this->lexer->tokenize($block)))->getTags() as $tag) {
                $value = $tag->value;
                if ($value instanceof TypeAliasTagValueNode) {
                    $this->aliases[$file][$value->alias] = $value->type;
                } elseif ($value instanceof TypeAliasImportTagValueNode) {
                    $imports["$file $value->importedAlias"] = [
                        $file, $value->importedAlias, (string) $value->importedFrom,
                        $value->importedAs ?? $value->importedAlias,
                    ];
                } elseif ($tag->name === '@shape' && $value instanceof GenericTagValueNode) {
                    $this->declare($file, $value->value);
                }
            }
        }

        return $imports;
    }

    private function declare(string $file, string $written): void
    {
        $this->aliases[$file] ??= [];
        [$name, $type] = preg_split('/\s+/', trim((string) preg_replace('/\s+/', ' ', $written)), 2) + ['', ''];
        if (isset($this->shapes[$name])) {
            throw new LogicException("Two shapes are called $name: in {$this->from[$name]} and in $file.");
        }
        $this->from[$name] = $file;
        $this->shapes[$name] = $this->types
            ->parse(new TokenIterator($this->lexer->tokenize($type === '' ? $name : $type)));
    }
}
