import { cells } from '../../lib/cells';
import { amount, text, wall } from '../../lib/fields';
import type { Ledger } from '../../lib/ledger.svelte';

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

/** What became of rows that were pasted. */
export interface Pasted {
    /** Rows that were taken. */
    taken: number;
    /** Rows whose variant is not in this sheet, with a header, as a file of rows has them. */
    elsewhere: string[][];
}

/** What tells a variant from every other, the surest first. */
const KEYS = ['sku', 'barcode'];

const folded = (words: string): string => words.trim().toLowerCase().replace(/,.*$/, '');
/** A bar code is the same with gaps in it; a stock number is not. */
const bare = (field: string, key: string): string => (field === 'barcode' ? key.replace(/[\s-]+/g, '') : key.trim());

/**
 * Takes what a spreadsheet copied. Rows that hold a stock number or a bar code are found by it, in whatever order they
 * come, and a header says what their columns are; other rows go from one cell on to the right and down. Null when it is
 * just words.
 */
export function pasted(
    ledger: Ledger,
    copied: string,
    keys: string[],
    columns: Column[],
    place: { row: number; column: number },
    writing: Writing,
): Pasted | null {
    if (!/[\t\n]/.test(copied.trim())) return null;
    const lines = cells(copied);
    const header = headed(lines[0] ?? [], columns);
    const targets = header ?? (lines[0] ?? []).map((_, right) => columns[place.column + right]);
    const rows = header ? lines.slice(1) : lines;
    for (const field of KEYS) {
        const at = targets.findIndex((column) => column?.field === field);
        const known = new Map(keys.map((key) => [bare(field, text(ledger.value(key, field))), key]));
        known.delete('');
        const met = at < 0 ? 0 : rows.filter((row) => known.has(bare(field, row[at] ?? ''))).length;
        if (met > 0 && (header !== null || met * 2 >= rows.length)) {
            const elsewhere = rows.filter((row) => {
                const key = known.get(bare(field, row[at] ?? ''));
                if (key === undefined) return true;
                fill(ledger, key, row, targets, at, writing);
                return false;
            });
            const names = targets.map((column) => (column ? folded(column.label) : ''));
            return { taken: met, elsewhere: elsewhere.length > 0 ? [names, ...elsewhere] : [] };
        }
    }
    rows.forEach((row, down) => {
        const key = keys[place.row + down];
        if (key !== undefined) fill(ledger, key, row, targets, -1, writing);
    });
    return { taken: rows.length, elsewhere: [] };
}

/** The columns that a first row names; null where it is no header with a key in it. */
function headed(line: string[], columns: Column[]): (Column | undefined)[] | null {
    const found = line.map((name) => columns.find((column) => folded(column.label) === folded(name)));
    return found.some((column) => column !== undefined && KEYS.includes(column.field)) ? found : null;
}

/** @param but - the place of the key, which is as it is */
function fill(
    ledger: Ledger,
    key: string,
    row: string[],
    targets: (Column | undefined)[],
    but: number,
    writing: Writing,
): void {
    row.forEach((words, at) => {
        const column = targets[at];
        if (column && at !== but) typed(ledger, key, column, words, writing);
    });
}
