import Papa from 'papaparse';
import readWorkbook from 'read-excel-file/universal';
import writeWorkbook from 'write-excel-file/universal';

/** Beyond that a browser has no room for a workbook. */
export const MOST_ROWS = 100_000;

type Cell = string | number | boolean | Date | null;

export interface WorkbookSheet {
    name: string;
    rows: Cell[][];
}

/** Whether a file is a workbook, by its first bytes: one is a zip archive. */
export async function isWorkbook(file: File): Promise<boolean> {
    const bytes = new Uint8Array(await file.slice(0, 4).arrayBuffer());
    return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/** The sheets of a workbook that have something in them. */
export async function sheetsOf(file: File): Promise<WorkbookSheet[]> {
    const sheets = await readWorkbook(file);
    return sheets
        .map((one) => ({ name: one.sheet, rows: one.data as Cell[][] }))
        .filter((one) => one.rows.some((row) => row.some((cell) => cell !== null && cell !== '')));
}

/** A sheet as rows of text, as a file of rows has them. */
export function asRows(sheet: WorkbookSheet): Blob {
    const text = Papa.unparse(
        sheet.rows.map((row) => row.map(written)),
        { newline: '\r\n' },
    );
    return new Blob([text], { type: 'text/csv' });
}

/** A file of rows as a workbook: what is a number becomes one, codes stay as they are written. */
export async function asWorkbook(text: string, numbers: string[]): Promise<Blob> {
    const { data } = Papa.parse<string[]>(text.replace(/^\u{feff}/u, ''), { skipEmptyLines: true });
    const header = data[0] ?? [];
    const isNumber = header.map((name) => numbers.includes(name));
    const rows = data.map((row, at) =>
        row.map((cell, place) => {
            if (at === 0) return { value: cell, type: String, fontWeight: 'bold' as const };
            const number = isNumber[place] && cell !== '' ? Number(cell) : NaN;
            return Number.isFinite(number) ? { value: number, type: Number } : { value: cell, type: String };
        }),
    );
    return writeWorkbook(rows).toBlob();
}

function written(cell: Cell): string {
    if (cell === null) return '';
    if (!(cell instanceof Date)) return typeof cell === 'boolean' ? (cell ? 'yes' : 'no') : String(cell);
    // A workbook keeps a moment as a part of a day, which comes out a little too early or late.
    const day = new Date(Math.round(cell.getTime() / 1000) * 1000).toISOString();
    return day.endsWith('T00:00:00.000Z') ? day.slice(0, 10) : day.slice(0, 16).replace('T', ' ');
}
