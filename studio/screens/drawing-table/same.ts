import type { TreeNode, Value } from '../../lib/types';
import { rows, type Kinds } from './tree';

const FROM_PRODUCT = ['show', 'choose', 'reassure', 'more'];

/** Whether a block shows the same on every product: its words and pictures are typed in, and it has no own way to the product. */
export function isSame(node: TreeNode, kinds: Kinds): boolean {
    const definition = kinds.of(node.kind);
    if (definition.role !== 'block' || definition.accepts !== null) return false;
    const sourced = definition.settings.filter((setting) => setting.sourced);
    if (sourced.length === 0) return !FROM_PRODUCT.includes(definition.shelf ?? '') && !['divider', 'spacer', 'description'].includes(node.kind);
    return sourced.every((setting) => !fromProduct(node.what?.[setting.name] ?? setting.default));
}

export function sameOnEvery(tree: TreeNode, kinds: Kinds): string[] {
    return rows(tree).flatMap((row) => (isSame(row.node, kinds) ? [row.node.id] : []));
}

function fromProduct(value: Value): boolean {
    return typeof value === 'string' ? value.includes('data-value="') : typeof value === 'object' && value !== null && 'source' in value;
}
