import type { Table } from '../table.svelte';
import { placed, sequenceOf, type InSequence } from '../tree/sequence';

/** What is selected, where it stands in a band that is one sequence at the width that is looked at. */
export function chosenInSequence(table: Table): { of: InSequence; ids: string[] } | null {
    return inSequence(table, table.selection.chosen);
}

/** Some blocks that move in one and the same sequence; null where one of them does not. */
export function inSequence(table: Table, blocks: string[]): { of: InSequence; ids: string[] } | null {
    const all = blocks.map((id) => sequenceOf(table.draft, table.widthName, id));
    const [of] = all;
    const same = all.every((one, at) => one?.band.id === of?.band.id && one?.item === blocks[at]);
    return of?.sequence.set && same ? { of, ids: blocks } : null;
}

/** Behind which item what is selected would stand one place earlier or later; undefined where it can go no further. */
export function besideInSequence(of: InSequence, ids: string[], step: -1 | 1): string | null | undefined {
    const { seen } = of.sequence;
    const places = ids.map((id) => seen.indexOf(id));
    const [first, last] = [Math.min(...places), Math.max(...places)];
    if (step === 1) return seen[last + 1];
    return first === 0 ? undefined : (seen[first - 2] ?? null);
}

/** Puts items of a band behind another, or first, at the width that is looked at. */
export function putInSequence(table: Table, of: InSequence, ids: string[], after: string | null): Promise<boolean> {
    const order = placed(of.sequence.seen, ids, after);
    if (order.every((id, at) => id === of.sequence.seen[at])) return Promise.resolve(true);
    return orderBand(table, of.band.id, order);
}

/** Gives a band an order at the width that is looked at; null for none of its own. */
export function orderBand(table: Table, band: string, order: string[] | null): Promise<boolean> {
    return table.edits.send([
        { edit: 'set', id: band, question: 'how', width: table.widthName, setting: 'sequence', value: order },
    ]);
}

/** Whether the columns of a band stand one below another on the page, as it is drawn at the width that is looked at. */
export function standsBelow(table: Table, band: string): boolean {
    const canvas = table.beside.phone ? table.beside.canvas : table.canvas;
    void [canvas.settled, table.draft];
    const inner = canvas.element(band)?.querySelector(':scope > .band-inner');
    return inner
        ? (canvas.window?.getComputedStyle(inner).flexDirection ?? '').startsWith('column')
        : table.widthName === 'phone';
}
