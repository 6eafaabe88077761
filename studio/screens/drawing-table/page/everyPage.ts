import type { TreeNode, Value } from '../../../lib/types';
import { rows, type Kinds } from '../tree/tree';

/**
 * Whether a block shows the same on every page: its words and pictures are typed in, and it has no own way to what the
 * page is about.
 */
export function isSame(node: TreeNode, kinds: Kinds): boolean {
    const definition = kinds.of(node.kind);
    if (definition.role !== 'block' || definition.accepts !== null) return false;
    const sourced = definition.settings.filter((setting) => setting.sourced);
    if (sourced.length === 0) return definition.shelf === 'say';
    return sourced.every((setting) => !fromPage(node.what?.[setting.name] ?? setting.default));
}

export function sameOnEvery(tree: TreeNode, kinds: Kinds): string[] {
    return rows(tree).flatMap((row) => (isSame(row.node, kinds) ? [row.node.id] : []));
}

function fromPage(value: Value): boolean {
    return typeof value === 'string'
        ? value.includes('data-value="')
        : typeof value === 'object' && value !== null && 'source' in value;
}
