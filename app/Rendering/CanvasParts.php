<?php

declare(strict_types=1);

namespace Vestibra\App\Rendering;

use Vestibra\App\Templates\StepResult;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;

/**
 * The parts of a page that have to be drawn again after an edit, as small as can be: of a column the order of its blocks
 * with those that are new, of a block in a column itself, and else the column, band or page. (Whether a block in a holder
 * or a tab is on the page at all depends on its neighbours there.)
 *
 * @phpstan-type Part array{id: string, html: string}|array{id: string, order: list<string>, fresh: array<string, string>}
 *
 * @shape CanvasPart Part
 */
final readonly class CanvasParts
{
    public function __construct(
        private Composer $composer,
        private PageMaker $page,
    ) {
    }

    /** @return list<Part> */
    public function of(ComposedPage $composed, StepResult $done): array
    {
        $tree = $done->draft->tree;
        $whole = $orders = [];
        foreach ($done->touched as $id) {
            $whole[$this->partOf($tree, $id)] = true;
        }
        foreach ($done->arranged as $id) {
            $node = $tree->find($id);
            if ($node !== null && $this->role($node) === Role::Column) {
                $orders[$id] = $node;
            } else {
                $whole[$this->partOf($tree, $id)] = true;
            }
        }
        if (isset($whole[$tree->id])) {
            return [['id' => $tree->id, 'html' => $this->page->print($composed->page, true)]];
        }
        $parts = [];
        foreach ($orders as $id => $column) {
            if (! isset($whole[$id])) {
                $parts[] = $this->order($composed, $column, $done->fresh);
            }
        }
        foreach (array_keys($whole) as $id) {
            $node = $composed->page->find((string) $id);
            if ($node !== null) {
                $parts[] = ['id' => (string) $id, 'html' => $this->page->print($node, true)];
            }
        }

        return $parts;
    }

    /**
     * @param  list<string>  $fresh
     * @return array{id: string, order: list<string>, fresh: array<string, string>}
     */
    private function order(ComposedPage $composed, Node $column, array $fresh): array
    {
        $order = array_map(static fn (Node $child): string => $child->id, $column->children);
        $html = [];
        foreach (array_intersect($order, $fresh) as $id) {
            $node = $composed->page->find($id);
            $html[$id] = $node === null ? '' : $this->page->print($node, true);
        }

        return ['id' => $column->id, 'order' => $order, 'fresh' => $html];
    }

    /** @return list<Part> the grids whose products stand as one card */
    public function grids(ComposedPage $composed, string $card): array
    {
        $parts = [];
        foreach ($composed->page->walk() as $node) {
            if (($node->cards[0]->id ?? null) === $card) {
                $parts[] = ['id' => $node->id, 'html' => $this->page->print($node, true)];
            }
        }

        return $parts;
    }

    private function partOf(Node $tree, string $id): string
    {
        $node = $tree->find($id);
        $parent = $node === null ? null : $tree->parentOf($id);
        if ($node !== null && $parent !== null && $node->children === [] && $this->role($node) === Role::Block && $this->role($parent) === Role::Column) {
            return $id;
        }
        while ($node !== null && ! in_array($this->role($node), [Role::Column, Role::Band, Role::Page], true)) {
            $node = $tree->parentOf($node->id);
        }

        return $node->id ?? $tree->id;
    }

    private function role(Node $node): ?Role
    {
        return $this->composer->schema->definition($node->kind)?->role;
    }
}
