import { expect, test } from '@playwright/test';
import ExcelJS from 'exceljs';
import { asRows, asWorkbook, isWorkbook, sheetsOf } from '../../../studio/screens/in-and-out/workbook';

// Another program's workbooks, and what another reads of ours: npm exceljs.

async function made(fill: (book: ExcelJS.Workbook) => void): Promise<File> {
    const book = new ExcelJS.Workbook();
    fill(book);
    return new File([await book.xlsx.writeBuffer()], 'made.xlsx');
}

test('what another program writes becomes rows: numbers, codes, days, yes and no, formulas, merged cells', async () => {
    const file = await made((book) => {
        book.addWorksheet('Empty');
        const sheet = book.addWorksheet('List');
        sheet.addRow(['code', 'price', 'stock', 'from', 'for sale', 'sum', 'words']);
        sheet.addRow([
            '00042',
            1234.5,
            1e12,
            new Date(Date.UTC(2026, 11, 24)),
            true,
            { formula: '1+1', result: 2 },
            'a "b", c',
        ]);
        sheet.addRow(['LF-1', 0.1, null, new Date(Date.UTC(2026, 0, 2, 9, 30)), false, null, 'line\nbreak']);
        sheet.mergeCells('A4:C4');
        sheet.getCell('A4').value = 'merged';
    });
    expect(await isWorkbook(file)).toBe(true);
    const sheets = await sheetsOf(file);
    expect(sheets.map((one) => one.name)).toEqual(['List']);
    const [sheet] = sheets;
    if (!sheet) throw new Error('No sheet was read.');
    const text = await asRows(sheet).text();
    expect(text.split('\r\n').slice(0, 2)).toEqual([
        'code,price,stock,from,for sale,sum,words',
        '00042,1234.5,1000000000000,2026-12-24,yes,2,"a ""b"", c"',
    ]);
    expect(text).toContain('LF-1,0.1,,2026-01-02 09:30,no,,"line\nbreak"');
    expect(text).toMatch(/\r\nmerged,,/);
});

test('what we write another program reads: codes keep their zeros, prices are numbers, a formula is words', async () => {
    const rows = '\u{feff}stock number,title,price\r\n00042,"\'=1+1",12.90\r\nLF-2,"Ink, teal",\r\n';
    const blob = await asWorkbook(rows, ['price']);
    const book = new ExcelJS.Workbook();
    await book.xlsx.load(await blob.arrayBuffer());
    const sheet = book.worksheets[0];
    const cell = (at: string): unknown => sheet?.getCell(at).value;
    expect([cell('A1'), cell('A2'), cell('C2'), cell('B3')]).toEqual(['stock number', '00042', 12.9, 'Ink, teal']);
    expect(cell('B2')).toBe("'=1+1");
    expect(cell('C3') ?? '').toBe('');
    const again = await sheetsOf(new File([blob], 'again.xlsx'));
    expect(again[0]?.rows[1]?.[0]).toBe('00042');
});

test('a file of rows is no workbook', async () => {
    expect(await isWorkbook(new File(['stock number,stock\n'], 'a.xlsx'))).toBe(false);
    expect(await isWorkbook(new File([''], 'a.csv'))).toBe(false);
});
