import { freshId } from '../../../lib/ids';
import type { Definition, NewNode, TreeNode, WidthName, Value } from '../../../lib/types';

/** Reading a tree; only the server changes one. */
export function find(node: TreeNode, id: string): TreeNode | null {
    if (node.id === id) return node;
    for (const child of node.children ?? []) {
        const found = find(child, id);
        if (found) return found;
    }
    return null;
}

/** From the page down to the node itself; empty when it is not there. */
export function pathTo(node: TreeNode, id: string): TreeNode[] {
    if (node.id === id) return [node];
    for (const child of node.children ?? []) {
        const path = pathTo(child, id);
        if (path.length > 0) return [node, ...path];
    }
    return [];
}

export function parentOf(tree: TreeNode, id: string): TreeNode | null {
    return pathTo(tree, id).at(-2) ?? null;
}

export interface Row {
    node: TreeNode;
    depth: number;
    parent: TreeNode | null;
}

export function rows(node: TreeNode, depth = 0, parent: TreeNode | null = null): Row[] {
    return [{ node, depth, parent }, ...(node.children ?? []).flatMap((child) => rows(child, depth + 1, node))];
}

export interface Place {
    parent: string;
    after: string | null;
}

export class Kinds {
    private readonly byKind: Map<string, Definition>;

    constructor(definitions: Definition[]) {
        this.byKind = new Map(definitions.map((definition) => [definition.kind, definition]));
    }

    of(kind: string): Definition {
        const definition = this.byKind.get(kind);
        if (!definition) throw new Error(`No definition of ${kind}`);
        return definition;
    }

    knows(kind: string): boolean {
        return this.byKind.has(kind);
    }

    isRoot(kind: string): boolean {
        return this.role(kind) === 'page';
    }

    role(kind: string): string {
        return this.of(kind).role;
    }

    /** The first kind that is an essential of pages about something; null when there is none. */
    essential(name: string, subject: string): string | null {
        return (
            [...this.byKind.values()].find((one) => one.essential === name && this.fits(one.kind, subject))?.kind ??
            null
        );
    }

    /** Whether a kind says something on a page about a subject. */
    fits(kind: string, subject: string): boolean {
        if (subject === 'header' || subject === 'footer') return this.of(kind).aroundPages;
        const subjects = this.of(kind).subjects;
        return subjects.length === 0 || subjects.includes(subject);
    }

    /** The kind that shares a kept part of bands, or of blocks. */
    sharing(bands: boolean): string {
        const role = bands ? 'band' : 'block';
        return [...this.byKind.values()].find((one) => one.filledWith === 'part' && one.role === role)?.kind ?? '';
    }

    mayHold(parent: string, child: string): boolean {
        const accepts = this.of(parent).accepts;
        return accepts !== null && accepts === this.of(child).role;
    }
}

/**
 * Where something new goes when it is put after the selection: behind it, or behind the nearest thing around it that it
 * can stand behind.
 */
export function placeAfter(tree: TreeNode, selected: string | null, kind: string, kinds: Kinds): Place | null {
    const path = selected === null ? [] : pathTo(tree, selected);
    for (let at = path.length - 1; at > 0; at--) {
        const [parent, node] = [path[at - 1], path[at]];
        if (parent && node && kinds.mayHold(parent.kind, kind)) return { parent: parent.id, after: node.id };
    }
    const inside = selected === null ? null : placeInside(tree, selected, kind, kinds);
    if (inside) return inside;
    const last = rows(tree).findLast((row) => kinds.mayHold(row.node.kind, kind))?.node;
    return last ? { parent: last.id, after: last.children?.at(-1)?.id ?? null } : null;
}

/**
 * Last in the selection, where that can hold it; else in the first thing in it that can, what is empty before what is
 * not.
 */
export function placeInside(tree: TreeNode, selected: string, kind: string, kinds: Kinds): Place | null {
    const node = find(tree, selected);
    const holders = node ? rows(node).filter((row) => kinds.mayHold(row.node.kind, kind)) : [];
    const empty = holders.find((row) => (row.node.children ?? []).length === 0);
    const holder = (holders[0]?.node === node ? holders[0] : (empty ?? holders[0]))?.node;
    return holder ? { parent: holder.id, after: holder.children?.at(-1)?.id ?? null } : null;
}

/** Every place that a kind can stand at, in the order of the outline, with one node thought away. */
function places(node: TreeNode, kind: string, without: string, kinds: Kinds): Place[] {
    const holds = kinds.mayHold(node.kind, kind);
    const found: Place[] = holds ? [{ parent: node.id, after: null }] : [];
    for (const child of node.children ?? []) {
        if (child.id === without) continue;
        found.push(...places(child, kind, without, kinds));
        if (holds) found.push({ parent: node.id, after: child.id });
    }
    return found;
}

/** One place up or down, in and out of what holds blocks, as the outline reads. */
export function placeBeside(tree: TreeNode, id: string, step: -1 | 1, kinds: Kinds): Place | null {
    const node = find(tree, id);
    const parent = parentOf(tree, id);
    if (!node || !parent) return null;
    const neighbours = (parent.children ?? []).map((child) => child.id);
    const before = neighbours[neighbours.indexOf(id) - 1] ?? null;
    const all = places(tree, node.kind, id, kinds);
    const at = all.findIndex((place) => place.parent === parent.id && place.after === before);
    return at === -1 ? null : (all[at + step] ?? null);
}

/** A style's value at a width with where it comes from: narrower widths inherit from wider ones. */
export function styleAt(node: TreeNode, name: string, width: WidthName): { value: Value; from: WidthName | null } {
    const order: WidthName[] = ['phone', 'tablet', 'desktop'];
    for (const one of order.slice(order.indexOf(width))) {
        const value = node.how?.[one]?.[name];
        if (value !== undefined) return { value, from: one };
    }
    return { value: null, from: null };
}

/** What a wider width says counts on a narrower one as the most that this takes; as `Core\\Styling\\Eased` has it. */
export function eased<Style extends { value: Value; from: WidthName | null }>(
    style: Style,
    width: WidthName,
    most: Partial<Record<WidthName, number>> | undefined,
): Style {
    const limit = width === 'desktop' ? undefined : most?.[width];
    const over = limit !== undefined && style.from !== width && typeof style.value === 'number' && style.value > limit;
    return over ? { ...style, value: limit } : style;
}

/** The node as it would be without one style of its own. */
export function withoutStyle(node: TreeNode, name: string, width: WidthName): TreeNode {
    return {
        ...node,
        how: {
            ...node.how,
            [width]: Object.fromEntries(Object.entries(node.how?.[width] ?? {}).filter(([one]) => one !== name)),
        },
    };
}

export function departures(node: TreeNode): number {
    return Object.values(node.how ?? {}).reduce((sum, layer) => sum + Object.keys(layer).length, 0);
}

/**
 * A node to insert, with ids throughout; always new ones for a copy, in which an order of blocks names the copies.
 */
export function withIds(node: NewNode, anew = false): NewNode & { id: string } {
    const named = new Map<string, string>();
    const copy = identified(node, anew, named);
    return anew && named.size > 0 ? (renamed(copy, named) as NewNode & { id: string }) : copy;
}

function identified(node: NewNode, anew: boolean, named: Map<string, string>): NewNode & { id: string } {
    const fresh = `n${freshId().slice(0, 14)}`;
    if (node.id !== undefined) named.set(node.id, fresh);
    return {
        ...node,
        id: anew ? fresh : (node.id ?? fresh),
        ...(node.children ? { children: node.children.map((child) => identified(child, anew, named)) } : {}),
    };
}

function renamed(node: NewNode, named: Map<string, string>): NewNode {
    const how = Object.entries(node.how ?? {}).map(([width, layer]) => {
        const sequence: unknown = (layer as typeof layer | null)?.sequence;
        return Array.isArray(sequence)
            ? [width, { ...layer, sequence: sequence.flatMap((id) => named.get(String(id)) ?? []) }]
            : [width, layer];
    });
    return {
        ...node,
        ...(node.how ? { how: Object.fromEntries(how) as NonNullable<NewNode['how']> } : {}),
        ...(node.children ? { children: node.children.map((child) => renamed(child, named)) } : {}),
    };
}

/** In the order of the page, without what lies inside another of them. */
export function outermost(tree: TreeNode, ids: string[]): string[] {
    const wanted = new Set(ids);
    return rows(tree)
        .map((row) => row.node.id)
        .filter((id) => wanted.has(id) && !pathTo(tree, id).some((above) => above.id !== id && wanted.has(above.id)));
}

/** From one node to another in the order of the outline, of those that are to the page what the first is. */
export function between(tree: TreeNode, from: string, to: string, kinds: Kinds): string[] {
    const all = rows(tree);
    const [start, end] = [from, to].map((id) => all.findIndex((row) => row.node.id === id));
    if (start === undefined || end === undefined || start < 0 || end < 0) return [];
    const role = kinds.role(all[start]?.node.kind ?? '');
    return all
        .slice(Math.min(start, end), Math.max(start, end) + 1)
        .filter((row) => kinds.role(row.node.kind) === role)
        .map((row) => row.node.id);
}

/** The next column of the band, at the end of it. */
export function placeAcross(tree: TreeNode, id: string, step: -1 | 1, kinds: Kinds): Place | null {
    const path = pathTo(tree, id);
    const at = path.findIndex((node) => kinds.of(node.kind).role === 'column');
    const column = path[at];
    const columns = path[at - 1]?.children ?? [];
    const next = column && columns[columns.findIndex((one) => one.id === column.id) + step];
    const kind = path.at(-1)?.kind;
    return next && kind !== undefined && kinds.mayHold(next.kind, kind)
        ? { parent: next.id, after: next.children?.at(-1)?.id ?? null }
        : null;
}

/**
 * Where an essential goes that somebody forgot: behind a choice that customers make, the price or the title; the price
 * behind the title.
 */
export function placeForEssential(tree: TreeNode, kind: string, kinds: Kinds): Place | null {
    const own = kinds.of(kind).essential;
    const isChoice = (node: TreeNode): boolean => kinds.of(node.kind).shelf === 'choose';
    const is = (essential: string) => (node: TreeNode) => kinds.of(node.kind).essential === essential;
    for (const wanted of own === 'price' ? [is('title')] : own === 'buy' ? [isChoice, is('price'), is('title')] : []) {
        const row = rows(tree).find((one) => wanted(one.node) && one.node.when?.off !== true);
        if (row?.parent && kinds.mayHold(row.parent.kind, kind)) return { parent: row.parent.id, after: row.node.id };
    }
    return placeAfter(tree, null, kind, kinds);
}
