<?php

declare(strict_types=1);

namespace Vestibra\Core\Templates\Edits;

use Vestibra\Core\Templates\Edit;
use Vestibra\Core\Templates\Node;

/**
 * The order in which blocks stand in each place of a tree, over a run of edits. Who goes leaves a gap in the line: so
 * what comes back finds its place although its neighbours have gone, or have gone and come back, and a place that was
 * named on an earlier draft is found on this one.
 *
 * @internal
 */
final readonly class Lines
{
    /**
     * @param  array<list<string>>  $lines  by parent: ids in order, and the gaps that they left
     * @param  array<string>  $parents  by id: in whose line it stands
     * @param  array<array{after: string|null, edit: int, key: string|null}>  $puts  by entry of what was put somewhere:
     *     behind whom, by which edit, and what decides between several behind one neighbour
     * @param  int  $count  how many edits were carried over
     * @param  string|null  $key  of the edit that is carried over
     * @param  bool  $remembers  whether who goes leaves a gap
     * @param  string|null  $mine  while an edit is carried over as it was made on the earlier draft: decides between
     *     several behind one neighbour
     */
    private function __construct(
        private array $lines,
        private array $parents,
        private array $puts = [],
        public int $count = 0,
        private ?string $key = null,
        private bool $remembers = false,
        private ?string $mine = null,
    ) {
    }

    public static function of(Node $tree): self
    {
        return (new self([], []))->anew($tree);
    }

    /** From now on, who goes leaves a gap. */
    public function remembering(): self
    {
        return new self($this->lines, $this->parents, remembers: true);
    }

    /**
     * One edit more.
     *
     * @param  string|null  $key  decides where it puts a block behind the same neighbour as somebody who does not know
     *     of it; null: whoever asks knows of it
     */
    public function then(Edit $edit, ?string $key): self
    {
        return $this->carrying($edit, $key, null);
    }

    /**
     * One edit more, as it was made on the draft before all that is carried over.
     *
     * @param  string  $key  decides between several behind one neighbour
     */
    public function thenMine(Edit $edit, string $key): self
    {
        return $this->carrying($edit, null, $key);
    }

    private function carrying(Edit $edit, ?string $key, ?string $mine): self
    {
        $carried = $edit->carries(new self(
            $this->lines,
            $this->parents,
            $this->puts,
            $this->count,
            $key,
            $this->remembers,
            $mine,
        ));

        return new self(
            $carried->lines,
            $carried->parents,
            $carried->puts,
            $this->count + 1,
            null,
            $this->remembers,
        );
    }

    public function holds(string $id): bool
    {
        return isset($this->parents[$id]);
    }

    /** A block comes to stand behind a neighbour, or first; where it left a gap there, in that. */
    public function put(string $id, string $parent, ?string $after): self
    {
        $left = $this->takeOut($id);
        $line = $left->lines[$parent] ?? [];
        $at = $this->mine === null
            ? ($after === null ? 0 : 1 + ($left->index($parent, $after) ?? -1))
            : $left->locate($parent, $after, 0, $this->mine);
        $gap = $this->gapBehind($line, $at, $id);
        $puts = $this->puts;
        if ($gap === null) {
            array_splice($line, $at, 0, [$id]);
            $puts[$id] = ['after' => $after, 'edit' => $this->count, 'key' => $this->key];
        } else {
            $line[$gap] = $id;
        }

        return $this->with(
            [$parent => array_values($line)] + $left->lines,
            [$id => $parent] + $left->parents,
            $puts,
        );
    }

    public function takeOut(string $id): self
    {
        $parent = $this->parents[$id] ?? null;
        $at = $parent === null ? null : $this->index($parent, $id);
        if ($parent === null || $at === null) {
            return $this;
        }
        $line = $this->lines[$parent];
        array_splice($line, $at, 1, $this->remembers ? [self::gap($this->count, $id)] : []);
        $parents = $this->parents;
        unset($parents[$id]);

        return $this->with([$parent => $line] + $this->lines, $parents, $this->gapPut($id) + $this->puts);
    }

    /** Two blocks stand each where the other stood. */
    public function trade(string $one, string $other): self
    {
        $parents = [$one => $this->parents[$one] ?? null, $other => $this->parents[$other] ?? null];
        if ($parents[$one] === null || $parents[$other] === null) {
            return $this;
        }
        // Each stands for the other: behind whom that was put, or, where it stood before all, behind nobody.
        $stood = ['edit' => $this->count, 'after' => '', 'key' => $this->key];
        $puts = [
            $one => ['edit' => $this->count] + ($this->puts[$other] ?? $stood),
            $other => ['edit' => $this->count] + ($this->puts[$one] ?? $stood),
        ];
        $lines = $this->lines;
        foreach (array_unique([$parents[$one], $parents[$other]]) as $parent) {
            $line = [];
            foreach ($lines[$parent] as $entry) {
                $comes = match ($entry) {
                    $one => $other,
                    $other => $one,
                    default => null,
                };
                $left = $comes === null || ! $this->remembers ? [] : [self::gap($this->count, $entry)];
                $line = [...$line, $comes ?? $entry, ...$left];
            }
            $lines[$parent] = $line;
        }

        return $this->with(
            $lines,
            [$one => $parents[$other], $other => $parents[$one]] + $this->parents,
            $puts + $this->gapPut($one) + $this->gapPut($other) + $this->puts,
        );
    }

    /** What stands in a block that comes, or comes back. */
    public function bring(Node $node): self
    {
        $lines = $this->lines;
        $parents = $this->parents;
        foreach ($node->walk() as $one) {
            $children = array_map(static fn (Node $child): string => $child->id, $one->children);
            $known = array_filter($lines[$one->id] ?? [], static fn (string $entry): bool => ! self::isGap($entry));
            if (! $this->remembers || array_values($known) !== $children) {
                $lines[$one->id] = $children;
            }
            foreach ($children as $child) {
                $parents[$child] = $one->id;
            }
        }

        return $this->with($lines, $parents, $this->puts);
    }

    /** Another page stands in the place of the whole. */
    public function anew(Node $tree): self
    {
        return $this->with([], [], [])->bring($tree);
    }

    /**
     * Where a place is now that was named on an earlier draft: behind a neighbour, wherever that has gone since.
     *
     * @param  string  $id  who is to stand there
     * @param  int  $known  the number of the first edit that whoever named the place does not know
     * @param  string|null  $key  decides between several behind one neighbour; null: right behind it
     * @return string|null the neighbour before it now
     */
    public function placed(string $id, string $parent, ?string $after, int $known, ?string $key = null): ?string
    {
        return $this->before($this->lines[$parent] ?? [], $this->locate($parent, $after, $known, $key), $id);
    }

    private function locate(string $parent, ?string $after, int $known, ?string $key): int
    {
        $line = $this->lines[$parent] ?? [];
        $at = $after === null ? 0 : 1 + ($this->earlier($parent, $after, $known) ?? -1);
        while ($key !== null && isset($line[$at]) && $this->comesFirst($line[$at], $after, $key)) {
            $at++;
        }

        return $at;
    }

    /**
     * Where the gap is that an edit made when it took a block from its place.
     *
     * @return array{string|null}|null the neighbour before it now; null where there is no such gap
     */
    public function gapOf(int $edit, string $id, string $parent): ?array
    {
        $at = $this->index($parent, self::gap($edit, $id));

        return $at === null ? null : [$this->before($this->lines[$parent], $at, $id)];
    }

    /** Where a block stood before the edits from a number on. */
    private function earlier(string $parent, string $id, int $known): ?int
    {
        $put = $this->puts[$id] ?? null;
        $since = $put !== null && $put['key'] === null ? max($known, $put['edit'] + 1) : $known;
        $first = $any = null;
        foreach ($this->lines[$parent] ?? [] as $at => $entry) {
            [$edit, $of] = self::read($entry);
            if ($of === $id && $edit !== null) {
                $any = $at;
                $first = $edit >= $since && ($first === null || $edit < $first[0]) ? [$edit, $at] : $first;
            }
        }

        return $first[1] ?? $this->index($parent, $id) ?? $any;
    }

    /** Whether what stands behind a neighbour was put there by somebody who goes before. */
    private function comesFirst(string $entry, ?string $after, string $key): bool
    {
        $put = $this->puts[$entry] ?? null;
        while ($put !== null && $put['after'] !== $after && $put['after'] !== null) {
            $before = $this->puts[$put['after']] ?? null;
            $put = $before !== null && $before['edit'] < $put['edit'] ? $before : null;
        }

        return $put !== null && $put['after'] === $after && $put['key'] !== null && strcmp($put['key'], $key) < 0;
    }

    /**
     * @param  list<string>  $line
     * @return string|null the nearest neighbour before a place; never the block itself
     */
    private function before(array $line, int $at, string $id): ?string
    {
        while (--$at >= 0) {
            if (! self::isGap($line[$at]) && $line[$at] !== $id) {
                return $line[$at];
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $line
     * @return int|null the newest gap of a block right behind a place, before whoever stands next
     */
    private function gapBehind(array $line, int $at, string $id): ?int
    {
        $found = null;
        for ($newest = -1; isset($line[$at]) && self::isGap($line[$at]); $at++) {
            [$edit, $of] = self::read($line[$at]);
            if ($of === $id && $edit !== $this->count && $edit > $newest) {
                [$found, $newest] = [$at, $edit];
            }
        }

        return $found;
    }

    private function index(string $parent, string $entry): ?int
    {
        $at = array_search($entry, $this->lines[$parent] ?? [], true);

        return $at === false ? null : $at;
    }

    /**
     * The gap that a block leaves counts as put where the block was.
     *
     * @return array<array{after: string|null, edit: int, key: string|null}>
     */
    private function gapPut(string $id): array
    {
        return isset($this->puts[$id]) ? [self::gap($this->count, $id) => $this->puts[$id]] : [];
    }

    private static function gap(int $edit, string $id): string
    {
        return "$edit~$id";
    }

    private static function isGap(string $entry): bool
    {
        return str_contains($entry, '~');
    }

    /** @return array{int|null, string} by which edit the gap was left, null where it is none; and the block */
    private static function read(string $entry): array
    {
        $parts = explode('~', $entry, 2);

        return isset($parts[1]) ? [(int) $parts[0], $parts[1]] : [null, $entry];
    }

    /**
     * @param  array<list<string>>  $lines
     * @param  array<string>  $parents
     * @param  array<array{after: string|null, edit: int, key: string|null}>  $puts
     */
    private function with(array $lines, array $parents, array $puts): self
    {
        return new self($lines, $parents, $puts, $this->count, $this->key, $this->remembers, $this->mine);
    }
}
