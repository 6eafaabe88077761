<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\PagesOut\PageMaker;
use Vestibra\Core\Composing\ComposedNode;
use Vestibra\Core\Composing\ComposedPage;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\Role;

/**
 * The parts of a page that have to be drawn again after an edit, as small as can be: of a column the order of its
 * blocks with those that are new, of a block in a column itself, and else the column, band or page. (Whether a block in
 * a holder or a tab is on the page at all depends on its neighbours there.)
 *
 * Of cards, on each the blocks that changed, and the order of what holds them.
 *
 * @phpstan-type Part array{id: string, html: string}|array{id: string, order: list<string>, fresh: array<string,
 *     string>}|array{id: string,
 *     card: string, orders: array<string, list<string>>, blocks: array<string, list<string>>}
 *
 * @shape CanvasPart Part
 */
final readonly class CanvasParts
{
    private const ASKS = 'quantity';

    private const BUYS = 'buy';

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
        foreach ($done->redraw->touched as $id) {
            $whole[$this->partOf($tree, $id)] = true;
        }
        foreach ($done->redraw->arranged as $id) {
            $node = $tree->find($id);
            if ($node !== null && $this->role($node) === Role::Column) {
                $orders[$id] = $node;
            } else {
                $whole[$this->partOf($tree, $id)] = true;
            }
        }
        if ($done->before === null || self::asking($done->before) !== self::asking($tree)) {
            foreach ($tree->walk() as $node) {
                // Whether it has a field of its own depends on what asks beside it.
                $node->kind === self::BUYS && $whole[$this->partOf($tree, $node->id)] = true;
            }
        }
        if (isset($whole[$tree->id])) {
            return [['id' => $tree->id, 'html' => $this->page->print($composed->page, true)]];
        }
        $parts = [];
        foreach ($orders as $id => $column) {
            if (! isset($whole[$id])) {
                $parts[] = $this->order($composed, $column, $done->redraw->fresh);
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

    /** @return array<string, mixed> what asks how many, and when it appears */
    private static function asking(Node $tree): array
    {
        $asking = [];
        foreach ($tree->walk() as $node) {
            if ($node->kind === self::ASKS) {
                $asking[$node->id] = $node->when;
            }
        }

        return $asking;
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

    /**
     * For every grid whose products stand as the card that a step has changed.
     *
     * @param  list<string>|null  $changed  the blocks right on it that have to be drawn again; null for the whole card
     * @return list<Part>
     */
    public function grids(ComposedPage $composed, StepResult $done, ?array $changed): array
    {
        $card = $done->draft->tree;
        $parts = [];
        foreach ($composed->page->walk() as $node) {
            if ($node->card === $card->id) {
                $parts[] = $changed === null ? ['id' => $node->id, 'html' => $this->page->print($node, true)] : [
                    'id' => $node->id,
                    'card' => $card->id,
                    'orders' => self::orders($done, $changed),
                    'blocks' => $this->blocks($node->cards, $changed),
                ];
            }
        }

        return $parts;
    }

    /**
     * @return list<string>|null the blocks right on a card that a step has changed; null where the card itself is
     *     another one
     */
    public static function changedOn(StepResult $done): ?array
    {
        $card = $done->draft->tree;
        if (in_array($card->id, $done->redraw->touched, true)) {
            return $done->redraw->stylesOnly ? [] : null;
        }
        // What moves from one place to another stays as it is, and so does what holds it, unless that was or is empty.
        $held = $done->redraw->movesOnly
            ? array_filter($done->redraw->arranged, static fn (string $id): bool => $id !== $card->id
                && count($card->find($id)->children ?? []) < 2)
            : [...$done->redraw->touched, ...$done->redraw->arranged, ...$done->redraw->fresh, ...$done->redraw->moved];
        $changed = [];
        foreach ($done->redraw->stylesOnly ? [] : $held as $id) {
            foreach ($card->children as $block) {
                if ($block->find($id) !== null) {
                    $changed[$block->id] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($changed));
    }

    /**
     * @param  list<string>  $changed
     * @return array<string, list<string>> by what holds blocks on the card, itself first: their order
     */
    private static function orders(StepResult $done, array $changed): array
    {
        $card = $done->draft->tree;
        $orders = [];
        foreach ([$card->id, ...$done->redraw->movesOnly ? $done->redraw->arranged : []] as $id) {
            $orders[$id] = array_map(static fn (Node $block): string => $block->id, $card->find($id)->children ?? []);
        }

        return array_diff_key($orders, array_flip($changed));
    }

    /**
     * @param  list<ComposedNode>  $cards
     * @param  list<string>  $changed
     * @return array<string, list<string>> by block: how it is drawn on each card
     */
    private function blocks(array $cards, array $changed): array
    {
        $blocks = [];
        foreach ($changed as $id) {
            foreach ($cards as $card) {
                $node = $card->find($id);
                $blocks[$id][] = $node === null ? '' : $this->page->print($node, true);
            }
        }

        return $blocks;
    }

    private function partOf(Node $tree, string $id): string
    {
        $node = $tree->find($id);
        $parent = $node === null ? null : $tree->parentOf($id);
        if ($node !== null
            && $parent !== null
            && $node->children === []
            && $this->role($node) === Role::Block
            && $this->role($parent) === Role::Column) {
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
