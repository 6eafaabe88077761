import { amount, text, wall } from '../../lib/fields';
import type { Ledger } from '../../lib/ledger.svelte';
import { cells } from '../facts/sheet';

/** A column of a sheet of variants. */
export interface Column {
    field: string;
    label: string;
    width: string;
    kind: 'text' | 'money' | 'count' | 'moment';
    placeholder?: string;
}

/** How a shop writes amounts and times. */
export interface Writing {
    digits: number;
    zone: string;
}

function written(value: unknown, column: Column, { digits, zone }: Writing): string {
    if (column.kind === 'money') return amount(value, digits);
    return column.kind === 'moment' ? wall(value, zone) : text(value);
}

/** What a cell shows: as it is kept, or as somebody typed it. */
export function shown(ledger: Ledger, key: string, column: Column, writing: Writing): string {
    return written(ledger.value(key, column.field), column, writing);
}

/** Takes what was typed into a cell; what it was before is no change. */
export function typed(ledger: Ledger, key: string, column: Column, words: string, writing: Writing): void {
    const stored = ledger.stands[key]?.[column.field];
    if (ledger.stands[key] && words.trim() === written(stored, column, writing)) ledger.set(key, column.field, stored);
    else if (column.kind === 'count' && /^\d{1,8}$/.test(words.trim())) ledger.set(key, column.field, Number(words));
    else ledger.set(key, column.field, words.trim() === '' && column.kind !== 'text' ? null : words);
}

/** Takes what a spreadsheet copied, from one cell on to the right and down; false when it is just words. */
export function pasted(
    ledger: Ledger,
    copied: string,
    keys: string[],
    columns: Column[],
    place: { row: number; column: number },
    writing: Writing,
): boolean {
    if (!/[\t\n]/.test(copied.trim())) return false;
    cells(copied).forEach((line, down) =>
        line.forEach((words, right) => {
            const [key, column] = [keys[place.row + down], columns[place.column + right]];
            if (key && column) typed(ledger, key, column, words, writing);
        }),
    );
    return true;
}
