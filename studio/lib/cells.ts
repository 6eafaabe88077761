import Papa from 'papaparse';

/** Rows and fields of what a spreadsheet copies: an empty row in between is one, what ends it is none. */
export function cells(text: string): string[][] {
    return Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data;
}
