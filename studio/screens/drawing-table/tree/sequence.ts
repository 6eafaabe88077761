import type { DraftState, Sequence, TreeNode, WidthName } from '../../../lib/types';
import { pathTo } from './tree';

/** What stands one below another in a band at a narrow width, as it is seen there. */
export interface InSequence {
    band: TreeNode;
    sequence: Sequence;
    /** What moves of the node that was asked about: itself, or the column that moves as a whole. */
    item: string;
}

/** Null at the widest, for what stands in no band, and where there is nothing to put in order. */
export function sequenceOf(draft: DraftState, width: WidthName, id: string): InSequence | null {
    const path = pathTo(draft.tree, id);
    const band = path[1];
    const sequence = width === 'desktop' || !band ? undefined : draft.sequences[band.id]?.[width];
    const item = path.find((node) => sequence?.seen.includes(node.id));
    return band && sequence && item ? { band, sequence, item: item.id } : null;
}

/** Some items put behind another one, or first. */
export function placed(seen: string[], ids: string[], after: string | null): string[] {
    const others = seen.filter((id) => !ids.includes(id));
    const at = after === null ? 0 : others.indexOf(after) + 1;
    return [...others.slice(0, at), ...seen.filter((id) => ids.includes(id)), ...others.slice(at)];
}

/** Where an item stands, in words: “first, before Title”. */
export function placeInWords(seen: string[], id: string, nameOf: (id: string) => string): string {
    const at = seen.indexOf(id);
    const [before, next] = [seen[at - 1], seen[at + 1]];
    if (before === undefined) return next === undefined ? 'alone' : `first, before ${nameOf(next)}`;
    return next === undefined ? `last, after ${nameOf(before)}` : `after ${nameOf(before)}, before ${nameOf(next)}`;
}
