import { get } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { EntryPage, EntryRow } from '../../lib/types';

/** The history of the catalogue, or of one thing, a page at a time. */
export class EntryHistory {
    entries = $state.raw<EntryRow[]>([]);
    more = $state(false);
    total = $state(0);
    private page = 1;

    constructor(
        private readonly thing: string,
        private readonly id: number,
        first: EntryPage | null = null,
    ) {
        if (first) ({ entries: this.entries, more: this.more, total: this.total } = first);
    }

    async load(page = 1): Promise<void> {
        try {
            const of = this.thing === '' ? '' : `&thing=${this.thing}&id=${this.id}`;
            const answer = await get<EntryPage>(`/studio/catalogue/entries?page=${page}${of}`);
            this.entries = page === 1 ? answer.entries : [...this.entries, ...answer.entries];
            ({ more: this.more, total: this.total } = answer);
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }
}
