import type { ProductFilter } from '../../lib/types';

/** What a list was asked for, as it stands in an address: only what is not usual. */
export function asked(filter: ProductFilter): string {
    const given = Object.entries(filter).filter(
        ([name, value]) => value !== '' && value !== 0 && !(name === 'sort' && value === 'title'),
    );
    return new URLSearchParams(given.map(([name, value]) => [name, String(value)])).toString();
}
