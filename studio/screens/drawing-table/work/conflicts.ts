import { editKinds } from '../../../generated/names';
import type { Refused } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { DraftState, Edit, TreeNode } from '../../../lib/types';
import { editsOf, type Kept, type Parcel } from './outbox';
import { find, type Kinds } from '../tree/tree';
import type { How } from './steps.svelte';

interface Undoing {
    showPassedOver(): void;
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
    const see = () =>
        table.draft.passedOver > 0 ? [{ words: 'See what was passed over', do: () => table.showPassedOver() }] : [];
    if (typeof error.body.conflict === 'string') {
        const left = parcel.what === 'undo' ? table.draft.undo : table.draft.redo;
        const passOver = async (): Promise<void> => {
            if (await takeBack({ passOver: true })) notices.say(`“${left ?? ''}” was left as it is.`, ...see());
        };
        notices.warn(
            error.message,
            { words: 'Take mine back all the same', do: () => void takeBack({ knowingly: true }) },
            { words: 'Leave it, and take back what was before', do: () => void passOver() },
        );
        return;
    }
    const next = parcel.what === 'undo' ? table.draft.undo : table.draft.redo;
    notices.warn(
        error.message,
        ...(next === null ? [] : [{ words: `Go on with “${next}”`, do: () => void takeBack({}) }]),
        ...see(),
    );
}

/** An edit that waits, in words: what it is on, with both values where two have set it. */
export function editWords(table: Named, edit: Edit, why: Kept['why']): string {
    const fields: Record<string, unknown> = { ...edit };
    const words = editKinds[edit.edit].words.replace(
        /\{(\w+)(?::(\w+))?\}/g,
        (_hole, what: 'block' | 'kind' | 'setting', field = '') => {
            if (what === 'block') return nameOf(table, fields[field]);
            return what === 'kind' ? kindOf(table, fields[field]) : 'setting' in edit ? label(table, edit) : '';
        },
    );
    if (!('value' in edit)) return words;
    if (why !== 'conflict') return `${words} (${shown(edit.value)})`;
    const node = find(table.draft.tree, edit.id);
    const theirs =
        edit.question === 'how' ? node?.how?.[edit.width]?.[edit.setting] : node?.[edit.question]?.[edit.setting];
    return `${words} (theirs is ${shown(theirs)}, yours ${shown(edit.value)}).`;
}

function nameOf(table: Named, id: unknown): string {
    const node = typeof id === 'string' ? find(table.draft.tree, id) : null;
    return node ? table.about.nameOfNode(node) : 'A block that is not there any more';
}

function kindOf(table: Named, node: unknown): string {
    const kind = typeof node === 'object' && node !== null && 'kind' in node ? String(node.kind) : '';
    return table.kinds.knows(kind) ? table.kinds.of(kind).name : 'A block';
}

function label(table: Named, edit: Extract<Edit, { setting: string }>): string {
    const node = find(table.draft.tree, edit.id);
    const definition =
        node &&
        table.kinds
            .of(node.kind)
            .settings.find((setting) => setting.question === edit.question && setting.name === edit.setting);
    return (
        definition?.label ??
        (edit.question === 'how' && node ? styleWords(table, node.kind, edit.setting) : edit.setting)
    ).toLowerCase();
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
