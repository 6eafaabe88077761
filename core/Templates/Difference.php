<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates;

/**
 * One thing in which two drafts differ.
 *
 * @api
 */
final readonly class Difference
{
    public const PUT_IN = 'put-in';

    public const TAKEN_OUT = 'taken-out';

    public const MOVED = 'moved';

    public const SET = 'set';

    public const REACH = 'reach';

    /**
     * @param  string  $what  one of the constants
     * @param  string  $kind  of the block
     * @param  Setting|null  $setting  for SET
     * @param  string  $width  for SET of a style
     */
    public function __construct(
        public string $what,
        public string $id = '',
        public string $kind = '',
        public ?Setting $setting = null,
        public string $width = '',
        public mixed $before = null,
        public mixed $after = null,
    ) {
    }

    /** @return list<self> from one draft to another, in the order of the page; what was taken out comes last */
    public static function between(Draft $before, Draft $after, Schema $schema): array
    {
        [$old, $new] = [self::index($before->tree), self::index($after->tree)];
        $differences = [];
        foreach ($new as $id => [$node, $parent]) {
            [$oldNode, $oldParent] = $old[$id] ?? [null, null];
            if ($oldNode === null) {
                if ($parent === null || isset($old[$parent->id])) {
                    $differences[] = new self(self::PUT_IN, $node->id, $node->kind);
                }

                continue;
            }
            if ($parent?->id !== $oldParent?->id
                || self::placeAmong($node, $parent, $old) !== self::placeAmong($node, $oldParent, $new)) {
                $differences[] = new self(self::MOVED, $node->id, $node->kind);
            }
            array_push($differences, ...self::settings($oldNode, $node, $schema));
        }
        foreach ($old as $id => [$node, $parent]) {
            if (! isset($new[$id]) && ($parent === null || isset($new[$parent->id]))) {
                $differences[] = new self(self::TAKEN_OUT, $node->id, $node->kind);
            }
        }
        if ($before->reach->toArray() !== $after->reach->toArray()) {
            $differences[] = new self(self::REACH);
        }

        return $differences;
    }

    /** @return list<self> */
    private static function settings(Node $before, Node $after, Schema $schema): array
    {
        $differences = [];
        foreach (self::ofKind($schema->definition($after->kind), $before, $after) as $setting) {
            $widths = $setting->question === Question::How ? array_keys($before->how + $after->how) : [''];
            foreach ($widths as $width) {
                [$old, $new] = [
                    $before->value($setting->question, $width, $setting->name),
                    $after->value($setting->question, $width, $setting->name),
                ];
                if ($old !== $new) {
                    $differences[] = new self(self::SET, $after->id, $after->kind, $setting, $width, $old, $new);
                }
            }
        }

        return $differences;
    }

    /** @return list<Setting> those of the kind, and the styles of its pieces that either has set */
    private static function ofKind(?Definition $definition, Node $before, Node $after): array
    {
        $settings = $definition?->settings() ?? [];
        $names = array_keys(array_merge(...array_values($before->how), ...array_values($after->how)));
        foreach ($names as $name) {
            if ($definition?->own(Question::How, $name) === null) {
                $settings[] = $definition?->setting(Question::How, $name);
            }
        }

        return array_values(array_filter($settings));
    }

    /**
     * @param  array<string, array{Node, Node|null}>  $others  the other tree: only what is in both counts
     * @return int its place among those
     */
    private static function placeAmong(Node $node, ?Node $parent, array $others): int
    {
        $place = 0;
        foreach ($parent->children ?? [] as $sibling) {
            if ($sibling->id === $node->id) {
                break;
            }
            $place += isset($others[$sibling->id]) && ($others[$sibling->id][1]?->id === $parent?->id) ? 1 : 0;
        }

        return $place;
    }

    /** @return array<string, array{Node, Node|null}> with the parent, in the order of the page */
    private static function index(Node $tree): array
    {
        $index = [$tree->id => [$tree, null]];
        foreach ($tree->walk() as $node) {
            $index[$node->id] ??= [$node, null];
            foreach ($node->children as $child) {
                $index[$child->id] = [$child, $node];
            }
        }

        return $index;
    }
}
