import { inBrowser } from '../../../lib/storage';
import { treeFormat } from '../../../generated/names';
import { notices } from '../../../lib/notices.svelte';
import { counted } from '../../../lib/words';
import type { Definition, Edit, Piece, PieceStateName, TreeNode, Value, WidthName } from '../../../lib/types';
import type { Table } from '../table.svelte';
import { find } from '../tree/tree';

/** The style values of a block, or of one of its pieces, taken from it to be given to others. */
export interface Finish {
    vestibra: 'finish';
    format: number;
    kind: string;
    /** The piece that it was taken from; null: the block with all of its pieces. */
    piece: string | null;
    /** What it was taken from, in words. */
    from: string;
    /** Width => name of the style => value. */
    how: Partial<Record<WidthName, Record<string, Value>>>;
}

const MEMORY = 'vestibra-finish';
const WIDTHS: WidthName[] = ['desktop', 'tablet', 'phone'];
/** The order of a band's blocks names those blocks: no other band has them. */
const OF_ITS_OWN = ['sequence'];
const KEY = /^(?:([A-Za-z]+)\.)?([A-Za-z]+)(?::([a-z]+))?$/;

export function takeFinish(table: Table, node: TreeNode, piece: Piece | null = null): void {
    const how: Finish['how'] = {};
    for (const width of WIDTHS) {
        const values = Object.entries(node.how?.[width] ?? {}).filter(
            ([name]) => !OF_ITS_OWN.includes(name) && (piece === null || (KEY.exec(name)?.[1] ?? '') === piece.name),
        );
        if (values.length > 0) how[width] = Object.fromEntries(values);
    }
    const from =
        piece === null ? table.about.nameOfNode(node) : `${table.about.nameOfNode(node)}, ${piece.label.toLowerCase()}`;
    const count = Object.values(how).reduce((sum, layer) => sum + Object.keys(layer).length, 0);
    if (count === 0) {
        notices.warn(`${from} looks as the house style says: there is no finish to take.`);
        return;
    }
    const finish: Finish = {
        vestibra: 'finish',
        format: treeFormat,
        kind: node.kind,
        piece: piece?.name ?? null,
        from,
        how,
    };
    inBrowser.set(MEMORY, JSON.stringify(finish));
    notices.say(
        `The finish of ${from} is taken: ${counted(count, 'value')}. Give it to other blocks, here or in another template.`,
    );
}

export function keptFinish(): Finish | null {
    try {
        const kept = JSON.parse(inBrowser.get(MEMORY) ?? 'null') as Partial<Finish> | null;
        const fits =
            kept?.vestibra === 'finish' &&
            typeof kept.format === 'number' &&
            typeof kept.kind === 'string' &&
            typeof kept.from === 'string';
        return fits && typeof kept.how === 'object' && kept.how !== null ? ({ piece: null, ...kept } as Finish) : null;
    } catch {
        return null;
    }
}

/**
 * Gives the finish that was taken last to some blocks, or to one piece of a block: what fits is taken, what does not is
 * named.
 */
export async function giveFinish(table: Table, ids: string[], piece: Piece | null = null): Promise<void> {
    const finish = keptFinish();
    if (finish === null) {
        notices.warn('No finish was taken yet. Take one from a block first.');
        return;
    }
    const left: string[] = [];
    const edits = ids.flatMap((id) => {
        const node = find(table.draft.tree, id);
        return node ? editsFor(table, finish, node, piece, left) : [];
    });
    const unfit = left.length === 0 ? '' : ` Left out: ${[...new Set(left)].join(', ')}.`;
    if (edits.length === 0) notices.warn(`Nothing of the finish of ${finish.from} fits here.${unfit}`);
    else if (await table.edits.send(edits, undefined, false, Math.min(finish.format, treeFormat)))
        notices.say(`${counted(ids.length, 'block has', 'blocks have')} the finish of ${finish.from}.${unfit}`, {
            words: 'Take this back',
            do: () => void table.undo(),
        });
}

function editsFor(table: Table, finish: Finish, node: TreeNode, only: Piece | null, left: string[]): Edit[] {
    const definition = table.kinds.of(node.kind);
    const edits: Edit[] = [];
    for (const width of WIDTHS) {
        for (const [name, value] of Object.entries(finish.how[width] ?? {})) {
            const setting = nameOn(table, definition, finish, name, only);
            if (setting === null) left.push(said(table, finish, name));
            else edits.push({ edit: 'set', id: node.id, question: 'how', width, setting, value });
        }
    }
    return edits;
}

/**
 * What a style is called on another block: of the piece with the same name, else of the one that is styled first; null
 * where that does not take it.
 */
function nameOn(table: Table, definition: Definition, finish: Finish, name: string, only: Piece | null): string | null {
    // What an earlier version called otherwise is brought forward by the server, for the kind that it was taken from.
    if (finish.format < treeFormat && definition.kind === finish.kind && only === null) return name;
    const [, from = '', property = '', state = 'usual'] = KEY.exec(name) ?? [];
    const known = table.data.styles.find((one) => one.name === property);
    if (!known)
        return definition.kind === finish.kind &&
            definition.settings.some((one) => one.question === 'how' && one.name === name)
            ? name
            : null;
    const same = definition.pieces.find((one) => one.name === from);
    const chief = definition.pieces.find((one) => one.chief) ?? definition.pieces[0];
    const piece = only ?? (definition.kind === finish.kind || from === '' ? same : (same ?? chief));
    const takes = piece?.groups.includes(known.group) && piece.states.includes(state as PieceStateName);
    return takes ? `${piece?.name ? `${piece.name}.` : ''}${property}${state === 'usual' ? '' : `:${state}`}` : null;
}

function said(table: Table, finish: Finish, name: string): string {
    const [, , property = '', state] = KEY.exec(name) ?? [];
    const label =
        table.data.styles.find((one) => one.name === property)?.label ??
        (table.kinds.knows(finish.kind) ? table.kinds.of(finish.kind).settings : []).find((one) => one.name === name)
            ?.label ??
        property;
    return `${label.toLowerCase()}${state === undefined ? '' : ` when ${state}`}`;
}
