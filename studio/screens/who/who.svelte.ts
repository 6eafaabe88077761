import { get } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { WhoData, WhoPage } from '../../lib/types';

/** Which page gets which template: a page of rows at a time, by words, template and pin. */
export class Who {
    rows = $state.raw<WhoPage['rows']>([]);
    total = $state(0);
    more = $state(false);
    query = $state('');
    template = $state('');
    pinned = $state(false);
    /** The kind of pages that is looked at, or `all`. */
    readonly kind: string;
    private page = 1;
    private asking = 0;

    /** @param asked what the address asks for */
    constructor(data: WhoData, asked: URLSearchParams) {
        ({ rows: this.rows, total: this.total, more: this.more } = data.first);
        this.kind = data.kind;
        this.template = asked.get('template') ?? '';
        this.pinned = asked.get('pinned') === '1';
    }

    async load(page = 1): Promise<void> {
        const mine = ++this.asking;
        try {
            const answer = await get<WhoPage>(
                `/studio/who/rows?kind=${this.kind}&q=${encodeURIComponent(this.query)}&template=${this.template}&pinned=${this.pinned ? 1 : 0}&page=${page}`,
            );
            if (mine !== this.asking) return;
            this.page = page;
            this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
            ({ total: this.total, more: this.more } = answer);
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }
}
