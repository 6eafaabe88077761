import type { FoundFilter } from '../../lib/types';

/** What a list is asked for, as it stands in an address: only what is not usual. */
export function asked(filter: FoundFilter): string {
    const given = Object.entries(filter).filter(
        ([name, value]) =>
            name !== 'list' &&
            value !== '' &&
            value !== 0 &&
            value !== false &&
            !(name === 'sort' && value === 'title') &&
            !(name === 'kind' && value === 'product'),
    );
    return new URLSearchParams(given.map(([name, value]) => [name, value === true ? '1' : String(value)])).toString();
}
