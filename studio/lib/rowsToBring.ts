import { inWindow } from './storage';

const NAME = 'rows-to-bring';

/** Takes rows over to *In and out*, which finds every variant of the shop. */
export function bringRows(rows: string[][]): void {
    inWindow.set(NAME, rows.map((row) => row.map((cell) => `"${cell.replaceAll('"', '""')}"`).join('\t')).join('\n'));
    location.assign('/studio/in-and-out');
}

/** Rows that another screen has handed over, once. */
export function rowsToBring(): string | null {
    const rows = inWindow.get(NAME);
    inWindow.remove(NAME);
    return rows;
}
