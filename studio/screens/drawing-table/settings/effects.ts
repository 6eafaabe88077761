import { styleAt } from '../tree/tree';
import type { Setting, TreeNode } from '../../../lib/types';
import type { Table } from '../table.svelte';

/** Whether a setting says anything as the others of its block are. */
export function counts(table: Table, node: TreeNode, setting: Setting): boolean {
    const other = setting.while && table.kinds.of(node.kind)?.settings.find((one) => one.name === setting.while?.name);
    return !other || (setting.while?.values ?? []).some((value) => value === table.values.of(node, other));
}

/** What decides instead of a setting, in words; empty where it has its effect. */
export function overruledBy(table: Table, node: TreeNode, setting: Setting): string {
    const { unless } = setting;
    const other = unless && table.kinds.of(node.kind).settings.find((one) => one.name === unless.name);
    if (!other || !counts(table, node, other)) return '';
    const value = table.values.of(node, other);
    const decides = unless.values.length === 0 ? value !== other.default : unless.values.some((one) => one === value);
    return decides ? unless.words : '';
}

/** Of a number that counts as less on a narrower width: what the wider one says. */
export function easedFrom(table: Table, node: TreeNode, name: string): number | null {
    const said = styleAt(node, name, table.widthName);
    const now = table.values.style(node, name);
    return said.from !== table.widthName && typeof said.value === 'number' && said.value !== now.value
        ? said.value
        : null;
}
