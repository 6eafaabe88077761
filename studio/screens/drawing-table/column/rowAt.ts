import type { TreeNode } from '../../../lib/types';
import { within, type Landing } from '../page/landing';
import { find, pathTo, type Kinds } from '../tree/tree';

const SCROLL_ZONE = 24;

/** Where what is dragged over the outline would land: before or behind the row there, or in it. */
export function rowAt(
    list: HTMLElement | null,
    tree: TreeNode,
    kinds: Kinds,
    kind: string,
    moving: string[],
    x: number,
    y: number,
): Landing | null {
    const box = list?.getBoundingClientRect();
    if (!list || !box || x < box.left || x > box.right || y < box.top || y > box.bottom) return null;
    if (y < box.top + SCROLL_ZONE) list.scrollTop -= 6;
    if (y > box.bottom - SCROLL_ZONE) list.scrollTop += 6;
    const element = list.ownerDocument.elementFromPoint(x, y)?.closest<HTMLElement>('[data-row]');
    const node = element && find(tree, element.dataset.row ?? '');
    if (!element || !node || within(tree, moving).has(node.id)) return null;
    const row = element.getBoundingClientRect();
    const part = (y - row.top) / row.height;
    const inside = kinds.mayHold(node.kind, kind);
    const beside = besideOf(tree, kinds, kind, node.id);
    // What can stand in a row and beside it goes in by its middle.
    if (inside && (!beside || beside.id !== node.id || (part > 0.25 && part < 0.75)))
        return landing(
            { parent: node.id, after: lastBut(node, moving) },
            node.id,
            'inside',
            `in ${kinds.of(node.kind).name}`,
        );
    if (!beside) return null;
    const above = beside.id === node.id && part < 0.5;
    const name = kinds.of(find(tree, beside.id)?.kind ?? kind).name;
    const before = beside.siblings.filter((id) => !moving.includes(id) || id === beside.id);
    const after = above ? (before[before.indexOf(beside.id) - 1] ?? null) : beside.id;
    return landing(
        { parent: beside.parent, after },
        node.id,
        above ? 'above' : 'below',
        `${above ? 'before' : 'after'} ${name}`,
    );
}

/** The row itself or what it stands in, whichever such a thing can stand beside. */
function besideOf(
    tree: TreeNode,
    kinds: Kinds,
    kind: string,
    id: string,
): { id: string; parent: string; siblings: string[] } | null {
    const path = pathTo(tree, id);
    for (let at = path.length - 1; at > 0; at--) {
        const [parent, node] = [path[at - 1], path[at]];
        if (parent && node && kinds.mayHold(parent.kind, kind))
            return { id: node.id, parent: parent.id, siblings: (parent.children ?? []).map((child) => child.id) };
    }
    return null;
}

function lastBut(node: TreeNode, moving: string[]): string | null {
    return (node.children ?? []).filter((child) => !moving.includes(child.id)).at(-1)?.id ?? null;
}

function landing(place: Landing['place'], id: string, at: NonNullable<Landing['row']>['at'], words: string): Landing {
    return { place, line: { left: 0, top: 0, width: 0, height: 0 }, upright: false, words, row: { id, at } };
}
