import { get } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { BlockKind, Edit, NewNode } from '../../../lib/types';
import type { Table } from '../table.svelte';
import { parentOf, withIds, type Place } from '../tree/tree';
import type { KeptPart } from '../tree/types';

/** Puts a copy of a shared part in its place. */
export async function unshare(table: Table): Promise<void> {
    const { node } = table.selection;
    const { sharedPart } = table.about;
    const parent = node && parentOf(table.draft.tree, node.id);
    if (!node || !sharedPart || !parent) return;
    const copies = (await nodesOf(sharedPart.id)).map((one) => withIds(one, true));
    if (copies.length === 0) return;
    let after = node.id;
    const edits = copies.map((copy): Edit => {
        const edit: Edit = { edit: 'insert', node: copy, parent: parent.id, after };
        after = copy.id;
        return edit;
    });
    if (await table.edits.send([...edits, { edit: 'remove', id: node.id }])) {
        table.selection.selectAll(copies.map((copy) => copy.id));
        notices.say(`“${sharedPart.name}” is a copy here now: it no longer changes with the others.`, {
            words: 'Take this back',
            do: () => void table.undo(),
        });
    }
}

/** What a copy of a kept part brings; none, with a notice, when the server cannot say. */
async function nodesOf(part: number): Promise<NewNode[]> {
    try {
        return (await get<{ nodes: NewNode[] }>(`/studio/parts/${part}/nodes`)).nodes;
    } catch (error) {
        notices.trouble(error);
        return [];
    }
}

/** Puts a kept part in, shared or as a copy. */
export async function insertPart(table: Table, part: KeptPart, place?: Place | null): Promise<void> {
    if (table.sharing && table.about.isPage)
        await table.edits.insert(
            { kind: table.kinds.sharing(part.bands) as BlockKind, what: { part: part.id } },
            place,
        );
    else await table.edits.insert(await nodesOf(part.id), place);
}
