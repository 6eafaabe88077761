import { inBrowser } from '../../lib/storage';

export type ColumnName = 'filed' | 'brand' | 'price' | 'stock' | 'template' | 'next';

interface Column {
    name: ColumnName;
    words: string;
    /** Its share of the width. */
    width: string;
    /** Only products have it. */
    products?: boolean;
}

export const COLUMNS: Column[] = [
    { name: 'filed', words: 'Category', width: 'minmax(0,2fr)' },
    { name: 'brand', words: 'Brand', width: 'minmax(0,1.2fr)', products: true },
    { name: 'price', words: 'Price', width: '140px', products: true },
    { name: 'stock', words: 'Stock', width: '86px', products: true },
    { name: 'template', words: 'Template, and why', width: 'minmax(0,2.6fr)' },
    { name: 'next', words: 'Before long', width: 'minmax(0,1.4fr)' },
];

const USUAL: Record<string, ColumnName[]> = {
    who: ['filed', 'price', 'stock', 'template', 'next'],
    products: ['filed', 'brand', 'price', 'stock'],
};

/** The columns that somebody has chosen for a list, in this browser. */
export function chosenColumns(list: string): ColumnName[] {
    const kept = inBrowser.get(`columns-${list}`);
    const known = COLUMNS.map((one) => one.name);
    return kept === null ? (USUAL[list] ?? []) : known.filter((one) => kept.split(',').includes(one));
}

export function keepColumns(list: string, columns: ColumnName[]): void {
    inBrowser.set(`columns-${list}`, columns.join(','));
}
