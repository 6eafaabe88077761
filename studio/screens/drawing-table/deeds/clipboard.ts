import { inBrowser } from '../../../lib/storage';
import { counted } from '../../../lib/words';
import { notices } from '../../../lib/notices.svelte';
import { treeFormat } from '../../../generated/names';
import type { Edit, NewNode, TreeNode } from '../../../lib/types';
import type { Table } from '../table.svelte';
import { fitted, saidOf, type LeftOut } from './otherPages';
import { find, placeInside, withIds, type Place } from '../tree/tree';

/** Blocks as text: what is copied, and what can be pasted into any template. */
interface Packed {
    vestibra: 'blocks';
    format: number;
    blocks: NewNode[];
}

const MEMORY = 'vestibra-clipboard';

export function copy(table: Table): void {
    const text = packed(table);
    if (text === null) return;
    inBrowser.set(MEMORY, text);
    void navigator.clipboard?.writeText(text).catch(() => undefined);
    notices.say(`${said(table)} copied. Paste into this template or another one.`);
}

/** All that stands on the page, to be pasted into any other. */
export function copyPage(table: Table): void {
    const text = packedOf(table.draft.tree.children ?? []);
    if (text === null) {
        notices.warn(`Nothing stands on this ${table.about.thing} yet.`);
        return;
    }
    inBrowser.set(MEMORY, text);
    void navigator.clipboard?.writeText(text).catch(() => undefined);
    notices.say(`The whole ${table.about.thing} copied. Paste it into another template, also of other pages.`);
}

export async function cut(table: Table): Promise<void> {
    copy(table);
    await table.edits.remove();
}

/** For the menu, where the browser hands over no clipboard: what was copied last, in any window. */
export async function pasteFromMemory(table: Table, inside = false): Promise<void> {
    const text = inBrowser.get(MEMORY);
    if (text === null) notices.warn('Nothing was copied yet. Select a block and copy it first.');
    else await paste(table, text, inside);
}

/** The browser's own copy, cut and paste, in the Studio and on the canvas. */
export function onClipboard(event: ClipboardEvent, table: Table): void {
    const target = event.target as Element | null;
    const typing = target?.closest?.('input, textarea, select, [contenteditable], [role="dialog"]');
    if (typing || table.view !== 'page' || document.getSelection()?.toString()) return;
    if (event.type === 'paste') {
        const text = event.clipboardData?.getData('text/plain') ?? '';
        if (text !== '' && table.mayEdit) void paste(table, text);
        return;
    }
    const text = packed(table);
    if (text === null) return;
    event.preventDefault();
    event.clipboardData?.setData('text/plain', text);
    if (event.type === 'cut') void cut(table);
    else copy(table);
}

async function paste(table: Table, text: string, inside = false): Promise<void> {
    const content = unpacked(text, table);
    if (typeof content === 'string') {
        notices.warn(content);
        return;
    }
    const left: LeftOut = { blocks: [], sources: [] };
    const room = {
        kinds: table.kinds,
        fits: (kind: string): boolean => table.about.fits(kind),
        sources: table.now.data.sources,
    };
    const blocks = content.blocks.flatMap((block) => fitted(block, room, left) ?? []);
    const lacking = saidOf(left, pageOf(table));
    if (blocks.length === 0) {
        notices.warn(`Nothing was pasted. ${lacking}`);
        return;
    }
    const edits: Edit[] = [];
    const ids: string[] = [];
    let place: Place | null = table.selection.place;
    for (const block of blocks) {
        const where: Place | null =
            place ??
            (inside && table.selection.id !== null
                ? placeInside(table.draft.tree, table.selection.id, block.kind, table.kinds)
                : table.selection.placeFor(block.kind));
        if (!where) {
            notices.warn('These blocks cannot be put here. Nothing was pasted; select another place.');
            return;
        }
        const fresh = withIds(block, true);
        edits.push({ edit: 'insert', node: fresh, ...where });
        ids.push(fresh.id);
        place = { parent: where.parent, after: fresh.id };
    }
    if (await table.edits.send(edits, undefined, false, content.format)) {
        table.selection.selectAll(ids);
        notices.say([`${counted(ids.length, 'block')} pasted.`, lacking].join(' ').trim(), {
            words: 'Take this back',
            do: () => void table.undo(),
        });
    }
}

function packed(table: Table): string | null {
    return packedOf(
        table.selection.chosen
            .flatMap((id) => find(table.draft.tree, id) ?? [])
            .flatMap((node) => (table.kinds.isRoot(node.kind) ? (node.children ?? []) : [node])),
    );
}

function packedOf(blocks: TreeNode[]): string | null {
    if (blocks.length === 0) return null;
    const content: Packed = { vestibra: 'blocks', format: treeFormat, blocks: blocks.map(bare) };
    return JSON.stringify(content);
}

function bare(node: TreeNode): NewNode {
    const { id, kind, what, how, when, children } = node;
    return {
        id,
        kind,
        ...(what ? { what } : {}),
        ...(how ? { how } : {}),
        ...(when ? { when } : {}),
        ...(children ? { children: children.map(bare) } : {}),
    };
}

/** @returns the blocks, or why there are none */
function unpacked(text: string, table: Table): Packed | string {
    const content = text.length < 2_000_000 ? parsed(text) : null;
    if (content?.vestibra !== 'blocks' || !Array.isArray(content.blocks))
        return 'What was copied are no blocks. To put in words, put in a text block and paste there.';
    if (typeof content.format !== 'number' || content.format > treeFormat)
        return 'These blocks were copied from a newer Vestibra. Nothing was pasted.';
    const unknown = content.blocks.flatMap(kindsIn).find((kind) => !table.kinds.knows(kind));
    return unknown === undefined
        ? { vestibra: 'blocks', format: content.format, blocks: content.blocks }
        : `This Vestibra does not know blocks of the kind “${unknown}”. Nothing was pasted.`;
}

function kindsIn(node: NewNode): string[] {
    return [String(node.kind), ...(Array.isArray(node.children) ? node.children.flatMap(kindsIn) : [])];
}

function parsed(text: string): Partial<Packed> | null {
    try {
        return JSON.parse(text) as Partial<Packed> | null;
    } catch {
        return null;
    }
}

/** What it is pasted into, as “a category page”. */
function pageOf(table: Table): string {
    const { thing, words } = table.about;
    return thing === 'page' && table.about.isPage
        ? `${words.single ? 'the' : 'a'} ${words.page}`
        : `${table.about.isPage ? 'a' : 'this'} ${thing}`;
}

function said(table: Table): string {
    return table.selection.chosen.length === 1
        ? table.about.nameOf(table.selection.chosen[0] ?? '')
        : counted(table.selection.chosen.length, 'block');
}
