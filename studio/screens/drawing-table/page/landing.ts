import type { TreeNode } from '../../../lib/types';
import type { Box, Canvas } from './canvas.svelte';
import type { InSequence } from '../tree/sequence';
import { find, Kinds, parentOf, pathTo, rows, type Place } from '../tree/tree';

/** Where a block would land, and the line that shows it, in the iframe's coordinates. */
export interface Landing {
    place: Place;
    line: Box;
    upright: boolean;
    words: string;
    /** Where it lands in the outline: the row beside which, or in which, it is shown. */
    row?: { id: string; at: 'above' | 'below' | 'inside' };
    /** It is put in the order of its band at this width, and stays in its column. */
    inSequence?: InSequence;
}

const EDGE = 8;

export function landingAt(
    canvas: Canvas,
    tree: TreeNode,
    kinds: Kinds,
    kind: string,
    moving: string[],
    x: number,
    y: number,
): Landing | null {
    const container = containerAt(canvas, tree, kinds, kind, moving, x, y);
    if (!container) return null;
    const children = (container.children ?? []).filter((child) => !moving.includes(child.id));
    const upright = standsSideBySide(canvas, container, kinds);
    const boxes = children.map((child) => canvas.box(child.id));
    const index = boxes.findIndex(
        (box) => box !== null && (upright ? x < box.left + box.width / 2 : y < box.top + box.height / 2),
    );
    const at = index === -1 ? children.length : index;
    const line = lineFor(inner(canvas, container), boxes[at - 1] ?? null, boxes[at] ?? null, upright);
    return (
        line && {
            place: { parent: container.id, after: children[at - 1]?.id ?? null },
            line,
            upright,
            words: wordsFor(kinds, container, line),
        }
    );
}

/** Where what moves in a band's sequence would stand in it. */
export function landingInSequence(
    canvas: Canvas,
    of: InSequence,
    moving: string[],
    y: number,
    nameOf: (id: string) => string,
): Landing | null {
    const seen = of.sequence.seen.filter((id) => !moving.includes(id));
    const boxes = seen.map((id) => canvas.box(id)).map((box) => (box && box.height > 0 ? box : null));
    const index = boxes.findIndex((box) => box !== null && y < box.top + box.height / 2);
    const at = index === -1 ? seen.length : index;
    const before = boxes.slice(0, at).findLast((box) => box !== null) ?? null;
    const line = lineFor(canvas.box(of.band.id), before, boxes[at] ?? null, false);
    const [after, next] = [seen[at - 1], seen[at]];
    return (
        line && {
            place: { parent: of.band.id, after: after ?? null },
            line,
            upright: false,
            words: next === undefined ? `last, after ${nameOf(after ?? '')}` : `before ${nameOf(next)}`,
            inSequence: of,
        }
    );
}

function containerAt(
    canvas: Canvas,
    tree: TreeNode,
    kinds: Kinds,
    kind: string,
    moving: string[],
    x: number,
    y: number,
): TreeNode | null {
    const forbidden = within(tree, moving);
    for (const id of canvas.idsAt(x, y)) {
        const node = find(tree, id);
        if (!node || forbidden.has(id)) continue;
        if (kinds.mayHold(node.kind, kind)) {
            if (kinds.role(node.kind) === 'block' && atEdge(canvas.box(id), y)) {
                const outer = parentOf(tree, id);
                if (outer && kinds.mayHold(outer.kind, kind)) return outer;
            }
            return node;
        }
        const nearest = nearestBeneath(canvas, node, kinds, kind, forbidden, x, y);
        if (nearest) return nearest;
    }
    return nearestBeneath(canvas, tree, kinds, kind, forbidden, x, y);
}

/** Some nodes with everything in them: where they cannot be put. */
export function within(tree: TreeNode, ids: string[]): Set<string> {
    return new Set(ids.flatMap((id) => rows(find(tree, id) ?? tree).map((row) => row.node.id)));
}

/** The holder of blocks beneath a node that is closest to a point. */
function nearestBeneath(
    canvas: Canvas,
    node: TreeNode,
    kinds: Kinds,
    kind: string,
    forbidden: Set<string>,
    x: number,
    y: number,
): TreeNode | null {
    let best: TreeNode | null = null;
    let bestDistance = Infinity;
    for (const { node: candidate } of rows(node)) {
        const box =
            kinds.mayHold(candidate.kind, kind) && !forbidden.has(candidate.id) ? canvas.box(candidate.id) : null;
        if (!box) continue;
        const dx = Math.max(box.left - x, 0, x - box.left - box.width);
        const dy = Math.max(box.top - y, 0, y - box.top - box.height);
        const distance = Math.hypot(dx, dy);
        if (distance < bestDistance) [best, bestDistance] = [candidate, distance];
    }
    return best;
}

function atEdge(box: Box | null, y: number): boolean {
    return box !== null && (y < box.top + EDGE || y > box.top + box.height - EDGE);
}

function standsSideBySide(canvas: Canvas, container: TreeNode, kinds: Kinds): boolean {
    const element = canvas.element(container.id);
    if (!element || !['band', 'block'].includes(kinds.role(container.kind))) return false;
    const flow = kinds.role(container.kind) === 'band' ? element.querySelector('.band-inner') : element;
    return flow !== null && canvas.window?.getComputedStyle(flow).flexDirection === 'row';
}

function inner(canvas: Canvas, container: TreeNode): Box | null {
    const element = canvas.element(container.id);
    const rect = (
        element?.querySelector(':scope > .column-inner, :scope > .band-inner') ?? element
    )?.getBoundingClientRect();
    return rect ? { left: rect.left, top: rect.top, width: rect.width, height: rect.height } : null;
}

function lineFor(box: Box | null, before: Box | null, after: Box | null, upright: boolean): Box | null {
    if (!box) return null;
    if (upright) {
        const left =
            before && after
                ? (before.left + before.width + after.left) / 2
                : after
                  ? after.left - 4
                  : before
                    ? before.left + before.width + 4
                    : box.left + 4;
        return { left, top: box.top, width: 0, height: Math.max(box.height, 24) };
    }
    const top =
        before && after
            ? (before.top + before.height + after.top) / 2
            : after
              ? after.top - 4
              : before
                ? before.top + before.height + 4
                : box.top + 12;
    return { left: box.left, top, width: box.width, height: 0 };
}

function wordsFor(kinds: Kinds, container: TreeNode, line: Box): string {
    const name = kinds.of(container.kind).name.toLowerCase();
    return line.width > 0 ? `in this ${name}, ${Math.round(line.width)} px wide` : `in this ${name}`;
}

/** Whether a landing is where the blocks are already, one behind the other. */
export function isWhereItIs(tree: TreeNode, ids: string[], place: Place): boolean {
    const [first] = ids;
    const parent = first === undefined ? undefined : pathTo(tree, first).at(-2);
    if (parent?.id !== place.parent) return false;
    const neighbours = (parent.children ?? []).map((child) => child.id);
    const at = neighbours.indexOf(first ?? '');
    return (neighbours[at - 1] ?? null) === place.after && ids.every((id, nth) => neighbours[at + nth] === id);
}
