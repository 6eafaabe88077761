import type { Refused } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { DraftState, Edit, TreeNode } from '../../../lib/types';
import { editsOf, type Kept, type Parcel } from './outbox';
import { find, type Kinds } from '../tree/tree';
import type { How } from './steps.svelte';

interface Undoing {
    readonly draft: DraftState;
    undo(how: How): Promise<boolean>;
    redo(how: How): Promise<boolean>;
}

interface Named {
    readonly draft: DraftState;
    readonly kinds: Kinds;
    readonly data: { readonly styles: readonly { name: string; label: string }[] };
    readonly about: { nameOfNode(node: TreeNode): string };
}

/**
 * Says what was refused where nothing of anybody's work hangs on it; edits wait above the page for a decision
 * (Unsaved.svelte).
 */
export function refusalNotice(table: Undoing, error: Refused, parcel: Parcel): void {
    if (editsOf(parcel).length > 0) return;
    const takeBack =
        parcel.what === 'undo'
            ? (how: How) => table.undo(how)
            : parcel.what === 'redo'
              ? (how: How) => table.redo(how)
              : null;
    if (!takeBack) {
        notices.trouble(error);
        return;
    }
    if (typeof error.body.conflict === 'string') {
        notices.warn(
            error.message,
            { words: 'Take mine back all the same', do: () => void takeBack({ knowingly: true }) },
            { words: 'Leave it, and take back what was before', do: () => void takeBack({ passOver: true }) },
        );
        return;
    }
    const next = parcel.what === 'undo' ? table.draft.undo : table.draft.redo;
    if (next === null) notices.trouble(error);
    else notices.warn(error.message, { words: `Go on with “${next}”`, do: () => void takeBack({}) });
}

/** An edit that waits, in words: what it is on, with both values where two have set it. */
export function editWords(table: Named, edit: Edit, why: Kept['why']): string {
    if (edit.edit === 'insert')
        return `${table.kinds.knows(edit.node.kind) ? table.kinds.of(edit.node.kind).name : 'A block'} put in`;
    if (edit.edit === 'reach') return 'where it appears';
    if (edit.edit === 'replace') return 'the whole page';
    const node = find(table.draft.tree, edit.id);
    const name = node ? table.about.nameOfNode(node) : 'A block that is not there any more';
    if (edit.edit !== 'set') return `${name} ${edit.edit === 'move' ? 'moved' : 'taken out'}`;
    const definition =
        node &&
        table.kinds
            .of(node.kind)
            .settings.find((setting) => setting.question === edit.question && setting.name === edit.setting);
    const label = (
        definition?.label ??
        (edit.question === 'how' && node ? styleWords(table, node.kind, edit.setting) : edit.setting)
    ).toLowerCase();
    if (why !== 'conflict') return `${name}, ${label}: ${shown(edit.value)}`;
    const theirs =
        edit.question === 'how' ? node?.how?.[edit.width]?.[edit.setting] : node?.[edit.question]?.[edit.setting];
    return `${name}, ${label}: theirs is ${shown(theirs)}, yours ${shown(edit.value)}.`;
}

/** The name of a style in words: `now.size:hovered` is *now, size, hovered*. */
function styleWords(table: Named, kind: string, key: string): string {
    const [, piece = '', property = '', state] = /^(?:([A-Za-z]+)\.)?([A-Za-z]+)(?::([a-z]+))?$/.exec(key) ?? [];
    const label = table.data.styles.find((one) => one.name === property)?.label ?? key;
    return [piece && table.kinds.of(kind).pieces.find((one) => one.name === piece)?.label, label, state]
        .filter(Boolean)
        .join(', ');
}

function shown(value: unknown): string {
    if (value === null || value === undefined) return 'as usual';
    if (typeof value === 'object') return 'source' in value ? 'from the page' : 'several things';
    return typeof value === 'string' ? `“${value.slice(0, 60)}”` : String(value);
}
