import { expect, test } from '@playwright/test';
import { pasted, type Column } from '../../../studio/parts/catalogue/variantCells';
import type { Ledger } from '../../../studio/lib/ledger.svelte';

const columns: Column[] = [
    { field: 'sku', label: 'Stock number', width: '', kind: 'text' },
    { field: 'price', label: 'Price, GBP', width: '', kind: 'money' },
    { field: 'stock', label: 'Stock', width: '', kind: 'count' },
    { field: 'barcode', label: 'Bar code', width: '', kind: 'text' },
];
const writing = { digits: 2, zone: 'UTC' };

/** Three variants, and what is set of them. */
function sheet(): { ledger: Ledger; set: Record<string, unknown>; keys: string[] } {
    const stands: Record<string, Record<string, unknown>> = {
        'variant/1': { sku: 'LF-01', price: 100, stock: 1, barcode: '4006381333931' },
        'variant/2': { sku: 'LF-02', price: 200, stock: 2, barcode: '' },
        'variant/3': { sku: 'LF-03', price: 300, stock: null, barcode: '' },
    };
    const set: Record<string, unknown> = {};
    const ledger = {
        stands,
        value: (key: string, field: string) => set[`${key}/${field}`] ?? stands[key]?.[field],
        set: (key: string, field: string, value: unknown) => {
            set[`${key}/${field}`] = value;
        },
    } as unknown as Ledger;
    return { ledger, set, keys: Object.keys(stands) };
}
const paste = (text: string, row = 0, column = 0) => {
    const { ledger, set, keys } = sheet();
    return { done: pasted(ledger, text, keys, columns, { row, column }, writing), set };
};

test('rows with stock numbers are found by them, in any order, wherever they are pasted', () => {
    const { done, set } = paste('LF-03\t4.00\t33\nLF-01\t5.00\t11', 1, 0);
    expect(done).toEqual({ taken: 2, elsewhere: [] });
    expect(set).toEqual({
        'variant/3/price': '4.00',
        'variant/3/stock': 33,
        'variant/1/price': '5.00',
        'variant/1/stock': 11,
    });
});

test('a header says what the columns are, whatever their order and place; what it does not name is left', () => {
    const { done, set } = paste('Shelf\tSTOCK\tstock number\nB-1\t7\tLF-02\nB-2\t8\tLF-01\n', 2, 3);
    expect(done).toEqual({ taken: 2, elsewhere: [] });
    expect(set).toEqual({ 'variant/2/stock': 7, 'variant/1/stock': 8 });
});

test('a bar code is a key too, however it is written', () => {
    const { done, set } = paste('bar code\tstock\n4006381-333931\t9', 2, 0);
    expect(done?.taken).toBe(1);
    expect(set).toEqual({ 'variant/1/stock': 9 });
});

test('rows of variants that are not here are handed back with a header, and nobody else gets their values', () => {
    const { done, set } = paste('LF-99\t4.00\t5\nLF-02\t5.00\t6');
    expect(done).toEqual({
        taken: 1,
        elsewhere: [
            ['stock number', 'price', 'stock'],
            ['LF-99', '4.00', '5'],
        ],
    });
    expect(set).toEqual({ 'variant/2/price': '5.00', 'variant/2/stock': 6 });
});

test('rows without a key go from one cell on, an empty one in between too; what is beyond is left out', () => {
    expect(paste('7\n\n9\n10', 0, 2).set).toEqual({
        'variant/1/stock': 7,
        'variant/2/stock': null,
        'variant/3/stock': 9,
    });
    expect(paste('7', 0, 2).done).toBeNull();
});

test('new stock numbers are put where they are pasted', () => {
    const { done, set } = paste('NEW-1\nNEW-2', 1, 0);
    expect(done).toEqual({ taken: 2, elsewhere: [] });
    expect(set).toEqual({ 'variant/2/sku': 'NEW-1', 'variant/3/sku': 'NEW-2' });
});

test('stock numbers that differ by a sign alone are two', () => {
    const { ledger, set, keys } = sheet();
    ledger.stands['variant/2'] = { sku: 'LF01', price: 200, stock: 2, barcode: '' };
    pasted(ledger, 'stock number\tstock\nLF-01\t7\nLF01\t8', keys, columns, { row: 0, column: 0 }, writing);
    expect(set).toEqual({ 'variant/1/stock': 7, 'variant/2/stock': 8 });
});
