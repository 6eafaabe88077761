<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

use Vestibra\Core\Problem;
use Vestibra\Core\ProblemCode;
use Vestibra\Core\Styling\Width;

/**
 * Reads a template's tree from untrusted JSON (already decoded), with limits. What it does not know is reported by
 * its path, never guessed and never dropped in silence.
 *
 * @shape NewNode array{id?: string, kind: BlockKind, what?: array<string, Value>, how?: array{desktop?: array<string,
 *     Value>, tablet?: array<string, Value>, phone?: array<string, Value>}, when?: array<string, Value>,
 *     children?: list<NewNode>}
 *
 * @api
 */
final class TreeReader
{
    public const FORMAT = TreeFormats::CURRENT;

    public const MAX_NODES = 2000;

    public const MAX_DEPTH = 12;

    public const MAX_PROBLEMS = 50;

    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<string, true> */
    private array $seen = [];

    private int $count = 0;

    /**
     * @var array<string, array<string, true>> styles that a kind was found to take, by kind: blocks of a tree have the
     *     same ones over and over
     */
    private array $fine = [];

    public function __construct(
        private readonly Schema $schema,
        private readonly Ids $ids,
    ) {
    }

    /** @return Node|non-empty-list<Problem> the page */
    public function parseTree(mixed $input): Node|array
    {
        $this->begin();
        if (! is_array($input)) {
            return [TreeProblem::NotAnObject->at()];
        }
        $format = $input['format'] ?? null;
        if (! TreeFormats::knows($format)) {
            return [TreeProblem::UnknownFormat->at('format', ['known' => self::FORMAT])];
        }
        $page = $this->node(TreeFormats::node($input['page'] ?? null, $format), 'page', null, 1);
        if ($page !== null && $this->schema->definition($page->kind)?->role !== Role::Page) {
            $this->report(TreeProblem::NotAPage, 'page', ['kind' => $page->kind]);
        }

        return $this->problems === [] && $page !== null
            ? $page
            : ($this->problems ?: [TreeProblem::NotAnObject->at()]);
    }

    /**
     * Reads a block on its own, for inserting. Missing ids are made.
     *
     * @return Node|non-empty-list<Problem>
     */
    public function parseBlock(mixed $input): Node|array
    {
        $this->begin();
        $node = $this->node($input, 'node', null, 2);

        return $this->problems === [] && $node !== null
            ? $node
            : ($this->problems ?: [TreeProblem::NotAnObject->at()]);
    }

    /** @return array<string, mixed> the stored form of a tree */
    public static function write(Node $page): array
    {
        return ['format' => self::FORMAT, 'page' => $page->toArray()];
    }

    private function begin(): void
    {
        $this->problems = [];
        $this->seen = [];
        $this->count = 0;
    }

    private function node(mixed $input, string $path, ?string $parentKind, int $depth): ?Node
    {
        if (! is_array($input)) {
            return $this->report(TreeProblem::NotAnObject, $path);
        }
        if ($depth > self::MAX_DEPTH) {
            return $this->report(TreeProblem::TooDeep, $path, ['most' => self::MAX_DEPTH]);
        }
        if (++$this->count > self::MAX_NODES) {
            return $this->report(TreeProblem::TooMany, $path, ['most' => self::MAX_NODES]);
        }
        $kind = $input['kind'] ?? null;
        $definition = is_string($kind) ? $this->schema->definition($kind) : null;
        if (! is_string($kind) || $definition === null) {
            return $this
                ->report(TreeProblem::UnknownKind, $path, ['kind' => is_string($kind) ? mb_substr($kind, 0, 60) : '']);
        }
        if ($parentKind !== null && ! $this->schema->mayHold($parentKind, $kind)) {
            return $this->report(TreeProblem::DoesNotBelong, $path, ['kind' => $kind, 'parent' => $parentKind]);
        }
        foreach (array_keys($input) as $key) {
            if (! in_array($key, ['id', 'kind', 'what', 'how', 'when', 'children'], true)) {
                $this->report(TreeProblem::UnknownPart, $path, ['part' => mb_substr((string) $key, 0, 60)]);
            }
        }

        return new Node(
            $this->id($input['id'] ?? null, $path),
            $kind,
            $this->values($input['what'] ?? [], $definition, Question::What, "$path/what"),
            $this->layers($input['how'] ?? [], $definition, "$path/how"),
            $this->values($input['when'] ?? [], $definition, Question::When, "$path/when"),
            $this->children($input['children'] ?? [], $definition, $path, $depth),
        );
    }

    private function id(mixed $id, string $path): string
    {
        if ($id === null) {
            return $this->ids->next();
        }
        if (! is_string($id) || preg_match('/^[a-z0-9]{1,24}$/D', $id) !== 1) {
            $this->report(TreeProblem::BadId, $path);

            return '';
        }
        if (isset($this->seen[$id])) {
            $this->report(TreeProblem::IdTwice, $path, ['id' => $id]);
        }
        $this->seen[$id] = true;

        return $id;
    }

    /** @return list<Node> */
    private function children(mixed $input, Definition $definition, string $path, int $depth): array
    {
        if (! is_array($input) || ! array_is_list($input)) {
            $this->report(TreeProblem::NotAList, "$path/children");

            return [];
        }
        $children = [];
        foreach ($input as $index => $child) {
            if ($this->count > self::MAX_NODES || count($this->problems) >= self::MAX_PROBLEMS) {
                break;
            }
            $node = $this->node($child, "$path/children/$index", $definition->kind, $depth + 1);
            if ($node !== null) {
                $children[] = $node;
            }
        }

        return $children;
    }

    /** @return array<string, array<string, mixed>> */
    private function layers(mixed $input, Definition $definition, string $path): array
    {
        if (! is_array($input)) {
            $this->report(TreeProblem::NotAnObject, $path);

            return [];
        }
        $layers = [];
        foreach ($input as $width => $values) {
            if (Width::tryFrom((string) $width) === null) {
                $this->report(TreeProblem::UnknownWidth, $path, ['width' => mb_substr((string) $width, 0, 60)]);
            } else {
                $layers[(string) $width] = $this->values($values, $definition, Question::How, "$path/$width");
            }
        }

        return array_filter($layers, static fn (array $layer): bool => $layer !== []);
    }

    /** @return array<string, mixed> */
    private function values(mixed $input, Definition $definition, Question $question, string $path): array
    {
        if (! is_array($input)) {
            $this->report(TreeProblem::NotAnObject, $path);

            return [];
        }
        $values = [];
        foreach ($input as $name => $value) {
            $known = $question === Question::How && (is_int($value) || is_string($value))
                ? (is_int($value) ? "$name $value" : "$name=$value")
                : null;
            $problem = $known !== null && isset($this->fine[$definition->kind][$known])
                ? null
                : self::problemWith($definition, $question, (string) $name, $value);
            if ($problem !== null) {
                $this->report($problem->code, $path, $problem->values);
            } else {
                $values[(string) $name] = $value;
                $known === null || $this->fine[$definition->kind][$known] = true;
            }
        }
        ksort($values);

        return $values;
    }

    /** What is wrong with one value of one setting, if anything is. */
    public static function problemWith(Definition $definition, Question $question, string $name, mixed $value): ?Problem
    {
        $setting = $definition->setting($question, $name);
        if ($setting === null) {
            return TreeProblem::UnknownSetting
                ->at('', ['setting' => mb_substr($name, 0, 60), 'kind' => $definition->kind]);
        }
        $code = $setting->sourced && is_array($value)
            ? self::sourceProblem($setting, $value)
            : $setting->type->problem($value);

        return $code === null ? null : $code->at('', [
            'setting' => $setting->label,
            'kind' => $definition->kind,
        ] + ($code === SettingProblem::NumberOutside && $setting->type instanceof Limited
            ? ['limits' => $setting->type
                ->limits(is_array($value) && Source::of($value) !== null ? $value['otherwise'] ?? null : $value)]
            : []));
    }

    /** @param  array<array-key, mixed>  $value */
    private static function sourceProblem(Setting $setting, array $value): ?SettingProblem
    {
        $source = Source::of($value);
        if ($source === null || ! in_array($source->gives(), $setting->takes(), true)
            || $source->isOneOfSeveral() !== (Source::numberOf($value) !== null)
            || array_diff(
                array_keys($value),
                ['source', 'otherwise', ...($source->isOneOfSeveral() ? ['of'] : [])],
            ) !== []) {
            return SettingProblem::UnknownSource;
        }

        return isset($value['otherwise']) ? $setting->type->problem($value['otherwise']) : null;
    }

    /** @param  array<string, string|int>  $values */
    private function report(ProblemCode $code, string $path, array $values = []): null
    {
        if (count($this->problems) < self::MAX_PROBLEMS) {
            $this->problems[] = $code->at($path, $values);
        }

        return null;
    }
}
