import type { Refused } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Edit } from '../../lib/types';
import type { Parcel } from './outbox';
import type { Table } from './table.svelte';
import { find } from './tree';

/** Says what the server refused. Where somebody else was faster, both values are shown and nothing is lost. */
export function conflictNotice(table: Table, error: Refused, parcel: Parcel): void {
    const conflict = error.body.conflict;
    if (typeof conflict !== 'string') {
        notices.trouble(error);
        return;
    }
    if (parcel.what !== 'edits') {
        const again = parcel.what === 'undo' ? () => void table.undo(true) : () => void table.redo(true);
        notices.warn(error.message, { words: 'Take mine back all the same', do: again });
        return;
    }
    const edits = (parcel.body as { edits: Edit[] }).edits;
    const words = [error.message, ...edits.map((edit) => both(table, edit))].filter((one) => one !== '').join(' ');
    notices.warn(words, { words: 'Use mine', do: () => void table.send(edits, undefined, true) }, { words: 'Keep theirs', do: () => undefined });
}

function both(table: Table, edit: Edit): string {
    if (edit.edit !== 'set') return '';
    const node = find(table.draft.tree, edit.id);
    const definition = node && table.kinds.of(node.kind).settings.find((setting) => setting.question === edit.question && setting.name === edit.setting);
    if (!node || !definition) return '';
    const theirs = edit.question === 'how' ? node.how?.[edit.width]?.[edit.setting] : node[edit.question]?.[edit.setting];
    return `${table.kinds.of(node.kind).name}, ${definition.label.toLowerCase()}: theirs is ${shown(theirs)}, yours ${shown(edit.value)}.`;
}

function shown(value: unknown): string {
    if (value === null || value === undefined) return 'as usual';
    if (typeof value === 'object') return 'from the product';
    return typeof value === 'string' ? `“${value.slice(0, 60)}”` : String(value);
}
