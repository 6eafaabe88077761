import { copy, copyPage, cut, pasteFromMemory } from './clipboard';
import { giveFinish, keptFinish, takeFinish } from './takenStyles';
import { unshare } from './keptParts';
import { besideInSequence, chosenInSequence, putInSequence } from './sequences';
import type { Table } from '../table.svelte';
import { find, parentOf, placeAfter, rows } from '../tree/tree';

/** In the order in which menus show them. */
export const PURPOSES = [
    'Place',
    'Copies',
    'Taking away',
    'Name and style',
    'For other pages',
    'What it does in the shop',
    'How it is seen here',
    'The template',
    'Everything else',
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Something that can be done: buttons, menus, the list of things to do and keys share it. */
export interface Command {
    words: string;
    /** What it is for, in menus; what has none is found among the things to do. */
    purpose?: Purpose;
    keys?: string;
    can: (table: Table) => boolean;
    do: (table: Table) => void;
    matches?: (event: KeyboardEvent) => boolean;
    /** Also while another view than the page is open. */
    everywhere?: boolean;
    /** The browser tells of it by an event of its own, so that its key is only named here. */
    byEvent?: boolean;
}

const control = (event: KeyboardEvent): boolean => event.ctrlKey || event.metaKey;
const key = (event: KeyboardEvent, name: string): boolean => event.key.toLowerCase() === name;
const movable = (table: Table): boolean =>
    table.mayEdit && table.selection.node !== null && !table.kinds.isRoot(table.selection.node.kind);
const alone = (table: Table): boolean => movable(table) && table.selection.besides.length === 0;
const onSelected = (table: Table, act: (id: string) => unknown): void => {
    if (table.selection.id !== null) act(table.selection.id);
};
/** Whether the selection is, or holds, something of a role. */
const standsWith = (table: Table, role: string): boolean =>
    table.selection.node !== null &&
    [table.kinds.role(table.selection.node.kind), table.kinds.of(table.selection.node.kind).accepts].includes(role);
const isShared = (table: Table): boolean => table.about.sharedPart !== null;
/** Whether all that is selected is to the page what the first of it is, so that it can go to one place. */
const together = (table: Table): boolean =>
    movable(table) &&
    new Set(table.selection.chosen.map((id) => table.kinds.role(find(table.draft.tree, id)?.kind ?? ''))).size === 1;

/** Up and down is as it is seen: where a band is one sequence, in that. */
function canStep(table: Table, by: -1 | 1): boolean {
    const along = chosenInSequence(table);
    return along ? besideInSequence(along.of, along.ids, by) !== undefined : table.edits.beside(by) !== null;
}

function stepUpOrDown(table: Table, by: -1 | 1): void {
    const along = chosenInSequence(table);
    const after = along && besideInSequence(along.of, along.ids, by);
    if (!along) void table.edits.moveChosen(table.edits.beside(by));
    else if (after !== undefined) void putInSequence(table, along.of, along.ids, after);
}

export const blockCommands: Command[] = [
    {
        words: 'Move up',
        purpose: 'Place',
        keys: 'Alt ↑',
        can: (table) => together(table) && canStep(table, -1),
        do: (table) => stepUpOrDown(table, -1),
        matches: (event) => event.altKey && event.key === 'ArrowUp',
    },
    {
        words: 'Move down',
        purpose: 'Place',
        keys: 'Alt ↓',
        can: (table) => together(table) && canStep(table, 1),
        do: (table) => stepUpOrDown(table, 1),
        matches: (event) => event.altKey && event.key === 'ArrowDown',
    },
    {
        words: 'Move into the column before',
        purpose: 'Place',
        keys: 'Alt ←',
        can: (table) => together(table) && table.edits.across(-1) !== null,
        do: (table) => void table.edits.moveChosen(table.edits.across(-1)),
        matches: (event) => event.altKey && event.key === 'ArrowLeft',
    },
    {
        words: 'Move into the column after',
        purpose: 'Place',
        keys: 'Alt →',
        can: (table) => together(table) && table.edits.across(1) !== null,
        do: (table) => void table.edits.moveChosen(table.edits.across(1)),
        matches: (event) => event.altKey && event.key === 'ArrowRight',
    },
    {
        words: 'Duplicate',
        purpose: 'Copies',
        keys: 'Ctrl D',
        can: movable,
        do: (table) => void table.edits.duplicate(),
        matches: (event) => control(event) && key(event, 'd'),
    },
    { words: 'Cut', purpose: 'Copies', keys: 'Ctrl X', can: movable, do: (table) => void cut(table), byEvent: true },
    {
        words: 'Copy',
        purpose: 'Copies',
        keys: 'Ctrl C',
        can: (table) => table.selection.node !== null,
        do: copy,
        byEvent: true,
    },
    {
        words: 'Paste after this',
        purpose: 'Copies',
        keys: 'Ctrl V',
        can: (table) => table.mayEdit,
        do: (table) => void pasteFromMemory(table),
        byEvent: true,
    },
    {
        words: 'Paste inside this',
        purpose: 'Copies',
        can: (table) => table.mayEdit && table.selection.holds,
        do: (table) => void pasteFromMemory(table, true),
    },
    {
        words: 'Put the next block inside this…',
        purpose: 'Place',
        can: (table) => alone(table) && table.selection.holds,
        do: (table) => {
            table.selection.inside = true;
            table.row.show('shelf');
        },
    },
    {
        words: 'Take out',
        purpose: 'Taking away',
        keys: 'Delete',
        can: movable,
        do: (table) => void table.edits.remove(),
        matches: (event) => event.key === 'Delete' || event.key === 'Backspace',
    },
    {
        words: 'Switch off or on',
        purpose: 'Taking away',
        can: movable,
        do: (table) => void table.edits.switchOff(),
    },
    {
        words: 'Give it a name in the outline',
        purpose: 'Name and style',
        keys: 'F2',
        can: alone,
        do: (table) => (table.naming = table.selection.id),
        matches: (event) => event.key === 'F2',
    },
    {
        words: 'Keep it for other pages…',
        purpose: 'For other pages',
        can: (table) =>
            alone(table) &&
            ['band', 'block'].includes(table.kinds.of(table.selection.node?.kind ?? '').role) &&
            !isShared(table) &&
            table.about.isPage,
        do: (table) => (table.open = 'keep'),
    },
    {
        words: 'Open the shared part',
        purpose: 'For other pages',
        can: (table) => isShared(table),
        do: (table) => location.assign(`/studio/templates/${table.about.sharedPart?.id}`),
    },
    {
        words: 'Edit the card of these products',
        purpose: 'For other pages',
        can: (table) => table.cards.of(table.about.isPage ? table.selection.node : null) !== null,
        do: (table) => onSelected(table, (id) => table.cards.enter(id)),
    },
    {
        words: 'Back to the page around the card',
        purpose: 'For other pages',
        can: (table) => table.cards.open !== null,
        do: (table) => table.cards.leave(),
    },
    {
        words: 'Take its finish',
        purpose: 'Name and style',
        keys: 'Alt Shift C',
        can: (table) => table.selection.node !== null && table.selection.besides.length === 0,
        do: (table) => table.selection.node && takeFinish(table, table.selection.node),
        matches: (event) => event.altKey && event.shiftKey && event.code === 'KeyC',
    },
    {
        words: 'Give it the finish that was taken',
        purpose: 'Name and style',
        keys: 'Alt Shift V',
        can: (table) => table.mayEdit && table.selection.node !== null && keptFinish() !== null,
        do: (table) => void giveFinish(table, table.selection.chosen),
        matches: (event) => event.altKey && event.shiftKey && event.code === 'KeyV',
    },
    {
        words: 'Make the shared part a copy here',
        purpose: 'For other pages',
        can: (table) => alone(table) && isShared(table),
        do: (table) => void unshare(table),
    },
    {
        words: 'Select what holds it',
        purpose: 'Place',
        keys: 'Escape',
        can: (table) => table.selection.node !== null || table.cards.open !== null,
        do: (table) => {
            const holder = table.selection.id === null ? null : parentOf(table.draft.tree, table.selection.id);
            if (holder === null && table.cards.open) table.cards.leave();
            else table.selection.select(holder?.id ?? null);
        },
        matches: (event) => event.key === 'Escape',
    },
    {
        words: 'Add a column',
        purpose: 'Place',
        can: (table) => table.mayEdit && standsWith(table, 'column'),
        do: (table) =>
            void table.edits.insert(
                { kind: 'column' },
                placeAfter(table.draft.tree, table.selection.id, 'column', table.kinds),
            ),
    },
    {
        words: 'Add a tab',
        purpose: 'Place',
        can: (table) => table.mayEdit && standsWith(table, 'tab'),
        do: (table) =>
            void table.edits.insert(
                { kind: 'tab' },
                placeAfter(table.draft.tree, table.selection.id, 'tab', table.kinds),
            ),
    },
    {
        words: 'Add a fold',
        purpose: 'Place',
        can: (table) => table.mayEdit && standsWith(table, 'fold'),
        do: (table) =>
            void table.edits.insert(
                { kind: 'fold' },
                placeAfter(table.draft.tree, table.selection.id, 'fold', table.kinds),
            ),
    },
];

export const pageCommands: Command[] = [
    {
        words: 'Undo',
        keys: 'Ctrl Z',
        can: (table) => table.mayEdit && table.steps.undoable !== null,
        do: (table) => void table.undo(),
        matches: (event) => control(event) && !event.shiftKey && key(event, 'z'),
        everywhere: true,
    },
    {
        words: 'Do again',
        keys: 'Ctrl Shift Z',
        can: (table) => table.mayEdit && table.steps.redoable !== null,
        do: (table) => void table.redo(),
        matches: (event) => control(event) && (key(event, 'y') || (event.shiftKey && key(event, 'z'))),
        everywhere: true,
    },
    {
        words: 'Select everything on the page',
        keys: 'Ctrl A',
        can: () => true,
        // Away from the page there is nothing to select: the words of the Studio itself are not meant.
        do: (table) =>
            table.view === 'page' &&
            table.selection.selectAll((table.draft.tree.children ?? []).map((band) => band.id)),
        matches: (event) => control(event) && key(event, 'a'),
        everywhere: true,
    },
    {
        words: 'Next part of the page',
        keys: 'Alt PageDown',
        can: () => true,
        do: (table) => step(table, 1),
        matches: (event) => event.altKey && event.key === 'PageDown',
    },
    {
        words: 'Part of the page before',
        keys: 'Alt PageUp',
        can: () => true,
        do: (table) => step(table, -1),
        matches: (event) => event.altKey && event.key === 'PageUp',
    },
    {
        words: 'The page',
        can: (table) => table.view !== 'page',
        do: (table) => (table.view = 'page'),
        everywhere: true,
    },
    {
        words: 'Where it appears',
        can: (table) => table.about.isPage && table.view !== 'reach',
        do: (table) => (table.view = 'reach'),
        everywhere: true,
    },
    {
        words: 'Why this template?',
        purpose: 'What it does in the shop',
        can: (table) => table.about.isPage && table.view !== 'why' && table.sample !== null,
        do: (table) => (table.view = 'why'),
        everywhere: true,
    },
    {
        words: 'Draft and live beside each other',
        purpose: 'What it does in the shop',
        can: (table) => table.view !== 'compare' && table.draft.live,
        do: (table) => (table.view = 'compare'),
        everywhere: true,
    },
    {
        words: 'What undo passed over',
        purpose: 'The template',
        can: (table) => table.view !== 'passed-over' && table.draft.passedOver > 0,
        do: (table) => (table.view = 'passed-over'),
        everywhere: true,
    },
    {
        words: 'Fitting: try it on every page',
        purpose: 'What it does in the shop',
        can: (table) => table.about.isPage && table.view !== 'fitting',
        do: (table) => (table.view = 'fitting'),
        everywhere: true,
    },
    {
        words: 'Private links…',
        purpose: 'What it does in the shop',
        can: (table) => table.about.isPage && table.view !== 'links',
        do: (table) => (table.view = 'links'),
        everywhere: true,
    },
    {
        words: 'This product in the catalogue: its facts and pictures',
        purpose: 'The template',
        can: (table) => table.sample !== null && table.data.template.pageKind === 'product',
        do: (table) => location.assign(`/studio/products/${table.sample?.id}`),
        everywhere: true,
    },
    {
        words: 'Publish…',
        can: (table) => table.view !== 'publish',
        do: (table) => (table.view = 'publish'),
        everywhere: true,
    },
    {
        words: 'See the page as customers do, without notes, or with them',
        purpose: 'How it is seen here',
        keys: 'F8',
        can: () => true,
        do: (table) => (table.plain = !table.plain),
        matches: (event) => event.key === 'F8',
    },
    {
        words: 'See the page before the last change, while held',
        keys: 'F7',
        can: (table) => table.view === 'page',
        do: (table) => (table.glance = 'before'),
        matches: (event) => event.key === 'F7' && !event.shiftKey,
    },
    {
        words: 'See the page as it is live, while held',
        keys: 'Shift F7',
        can: (table) => table.view === 'page' && table.draft.live,
        do: (table) => (table.glance = 'live'),
        matches: (event) => event.key === 'F7' && event.shiftKey,
    },
    {
        words: 'Hatch what is the same on every page, or not',
        purpose: 'How it is seen here',
        keys: 'F9',
        can: () => true,
        do: (table) => (table.hatched = !table.hatched),
        matches: (event) => event.key === 'F9',
    },
    {
        words: 'Settings of the page itself',
        purpose: 'The template',
        can: (table) => table.about.isPage,
        do: (table) => table.selection.select(table.draft.tree.id),
    },
    { words: 'The width of a phone', can: () => true, do: (table) => (table.width = 390) },
    { words: 'The width of a tablet', can: () => true, do: (table) => (table.width = 820) },
    { words: 'The width of a desktop', can: () => true, do: (table) => (table.width = 1280) },
    { words: 'Shelf', can: () => true, do: (table) => table.row.show('shelf') },
    { words: 'Samples', can: () => true, do: (table) => table.row.show('samples') },
    {
        words: 'Copy the whole page',
        purpose: 'The template',
        can: (table) => (table.draft.tree.children ?? []).length > 0,
        do: copyPage,
    },
    {
        words: 'Paste what was copied',
        purpose: 'The template',
        can: (table) => table.mayEdit,
        do: (table) => void pasteFromMemory(table),
    },
    {
        words: 'Throw the draft away: as what is live',
        purpose: 'The template',
        can: (table) => table.mayEdit && table.draft.live && table.draft.unpublished > 0,
        do: (table) => void table.edits.throwAway(),
        everywhere: true,
    },
    {
        words: 'Find something to do',
        purpose: 'Everything else',
        keys: 'Ctrl .',
        can: () => true,
        do: (table) => (table.open = 'palette'),
        matches: (event) => control(event) && event.key === '.',
        everywhere: true,
    },
    {
        words: 'All shortcuts',
        purpose: 'Everything else',
        keys: '?',
        can: () => true,
        do: (table) => (table.open = 'shortcuts'),
        matches: (event) => event.key === '?' && !control(event),
        everywhere: true,
    },
    {
        words: 'Go to the next area: outline, settings, page, lower row',
        keys: 'F6',
        can: () => true,
        do: nextArea,
        matches: (event) => event.key === 'F6',
    },
];

/** Blocks of the shelf as things to do. */
export function insertCommands(table: Table): Command[] {
    return table.data.definitions
        .filter((definition) => definition.shelf !== null && table.about.fits(definition.kind))
        .flatMap((definition) => definition.starters)
        .map((starter) => ({
            words: `Put in: ${starter.name}`,
            can: () => table.mayEdit,
            do: () => void table.edits.insert(starter.node),
        }));
}

function step(table: Table, by: -1 | 1): void {
    const all = rows(table.draft.tree).slice(1);
    const at = all.findIndex((row) => row.node.id === table.selection.id);
    const next = all[Math.max(0, Math.min(all.length - 1, at + by))];
    if (next) table.selection.select(next.node.id, true);
}

function nextArea(table: Table): void {
    const areas = [
        '[data-area="outline"]',
        '[data-area="settings"]',
        '[data-area="page"]',
        '[data-area="row"]',
    ].flatMap((one) => {
        const area = document.querySelector<HTMLElement>(one);
        return area ? [area] : [];
    });
    const at = areas.findIndex((area) => area.contains(document.activeElement));
    const next = areas[(at + 1) % areas.length];
    const inside =
        next?.querySelector<HTMLElement>('[tabindex="0"]') ?? next?.querySelector<HTMLElement>('input, select, button');
    (inside ?? next)?.focus();
    void table;
}

/** Runs the command that a key belongs to, unless somebody is typing. */
export function onKey(event: KeyboardEvent, table: Table): void {
    const target = event.target as Element | null;
    const typing = target?.closest?.(
        'input:not([type="checkbox"], [type="radio"], [type="range"]), textarea, select, [contenteditable], [role="menu"], [role="dialog"], [role="listbox"], [data-popover-content]',
    );
    const command = [...pageCommands, ...blockCommands].find(
        (one) => one.matches?.(event) && (one.everywhere || table.view === 'page'),
    );
    if (!command || event.defaultPrevented || (typing && !['F6', 'F7', 'F8', '.'].includes(event.key))) return;
    if (command.can(table)) {
        event.preventDefault();
        command.do(table);
    }
}
