import type { NewNode } from '../../../lib/types';
import type { Kinds } from '../tree/tree';

/** What says nothing on pages of the kind that it was brought to, and what comes from nowhere there. */
export interface LeftOut {
    /** Names of blocks. */
    blocks: string[];
    /** Names of blocks that stay, with something in them that has to be typed in. */
    sources: string[];
}

interface Room {
    kinds: Kinds;
    /** Whether a kind says something where it would stand. */
    fits: (kind: string) => boolean;
    sources: readonly { name: string; of: number | null }[];
}

/** A block without what does not fit; null where nothing of it is left. What is left out is told in `left`. */
export function fitted<Block extends NewNode>(node: Block, room: Room, left: LeftOut): Block | null {
    const definition = room.kinds.of(node.kind);
    if (!room.fits(node.kind)) {
        add(left.blocks, definition.name);
        return null;
    }
    if (Object.values(node.what ?? {}).some((value) => comesFromNowhere(value, room)))
        add(left.sources, definition.name);
    const children = Array.isArray(node.children) ? node.children : [];
    if (children.length === 0) return node;
    const another = definition.another !== null && typeof node.what?.[definition.another] === 'number';
    const inside = another ? { ...room, fits: (kind: string) => room.kinds.fits(kind, 'product') } : room;
    const kept = children.flatMap((child) => fitted(child, inside, left) ?? []);
    const bare = kept.length === 0 || kept.every((child) => isEmptied(child, room.kinds));
    return bare && holdsBlocks(node, room.kinds) ? null : { ...node, children: kept };
}

/** A column stays, so that its band keeps its columns. */
function isEmptied(node: NewNode, kinds: Kinds): boolean {
    return kinds.role(node.kind) === 'column' && (node.children ?? []).length === 0;
}

function holdsBlocks(node: NewNode, kinds: Kinds): boolean {
    return (
        kinds.role(node.kind) !== 'column' &&
        (node.children ?? []).some((child) => kinds.role(child.kind) !== 'column' || (child.children ?? []).length > 0)
    );
}

function comesFromNowhere(value: unknown, room: Room): boolean {
    if (typeof value !== 'object' || value === null || !('source' in value)) return false;
    const { source, of } = value as { source: unknown; of?: unknown };
    return !room.sources.some((one) => one.name === source && (one.of ?? undefined) === (of ?? undefined));
}

function add(names: string[], name: string): void {
    if (!names.includes(name)) names.push(name);
}

/**
 * What was left out, as sentences; empty where everything fits.
 *
 * @param page as “a category page”
 */
export function saidOf(left: LeftOut, page: string): string {
    const listed = (names: string[]): string => names.join(', ');
    return [
        left.blocks.length > 0 ? `Left out, as it says nothing on ${page}: ${listed(left.blocks)}.` : '',
        left.sources.length > 0 ? `Comes from nowhere on ${page}, so type it in: ${listed(left.sources)}.` : '',
    ]
        .filter((one) => one !== '')
        .join(' ');
}
