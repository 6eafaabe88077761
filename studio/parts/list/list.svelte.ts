import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { pageWords, standsOnPages } from '../../lib/pages';
import type {
    Condition,
    FoundClause,
    FoundData,
    FoundFilter,
    FoundPage,
    ListRow,
    NamedFilter,
    SelectionState,
} from '../../lib/types';
import { asked } from './address';
import { chosenColumns, keepColumns, type ColumnName } from './columns';
import { Selecting } from './selecting.svelte';

const AT_ONCE = 50;

/**
 * The list that "Who gets what" and "Products" are: pages found by a sentence. Rows are fetched where the list is
 * scrolled to, however many there are.
 */
export class FoundList {
    filter: FoundFilter = $state.raw({
        list: 'who',
        kind: 'product',
        q: '',
        where: '',
        template: 0,
        step: '',
        state: '',
        selected: false,
        sort: 'title',
    });
    clause = $state.raw<FoundClause>({ conditions: [], phrases: [], names: {} });
    total = $state(0);
    /** By their place in the list. */
    rows = $state.raw<Record<number, ListRow>>({});
    columns = $state.raw<ColumnName[]>([]);
    kept = $state.raw<NamedFilter[]>([]);
    waiting = $state(false);
    /** Counts how often rules or pins were changed from here. */
    ruled = $state(0);
    readonly selecting: Selecting;
    private asking = 0;
    private coming: number[] = [];
    private last: [number, number] = [0, 0];

    constructor(data: FoundData) {
        this.filter = data.filter;
        this.kept = data.kept;
        this.columns = chosenColumns(data.filter.list);
        this.selecting = new Selecting(this, data.selection);
        this.take(data);
        // The first rows came without what is asked for only where it is shown.
        if (this.columns.includes('next')) void this.again();
    }

    get isProducts(): boolean {
        return this.filter.kind === 'product';
    }

    /** Whether rows can be selected: of pages of one kind, not of what stands on pages. */
    get selects(): boolean {
        return this.filter.kind !== 'all' && !standsOnPages(this.filter.kind);
    }

    get words(): { one: string; many: string } {
        return pageWords(this.filter.kind);
    }

    get address(): string {
        return `list=${this.filter.list}&${asked(this.filter)}`;
    }

    /** Conditions as rules have them, of which all have to hold. */
    where(next: (now: Condition[]) => Condition[] | null): Promise<void> {
        const conditions = next(this.clause.conditions) ?? [];
        this.clause = { ...this.clause, conditions };
        return this.find({ where: conditions.length === 0 ? '' : JSON.stringify(conditions) });
    }

    find(change: Partial<FoundFilter>): Promise<void> {
        this.filter = { ...this.filter, ...change };
        const words = asked(this.filter);
        history.replaceState(null, '', words === '' ? location.pathname : `${location.pathname}?${words}`);
        return this.again();
    }

    /** Everything that is shown, as it is now. */
    async again(): Promise<void> {
        this.asking++;
        this.coming = [];
        this.waiting = true;
        await this.fetch(0, true);
        this.need(...this.last);
    }

    choose(columns: ColumnName[]): void {
        const isNew = columns.includes('next') && !this.columns.includes('next');
        this.columns = columns;
        keepColumns(this.filter.list, columns);
        if (isNew) void this.again();
    }

    /** Makes sure that some places of the list are there. */
    need(first: number, last: number): void {
        this.last = [first, last];
        for (let from = Math.floor(first / AT_ONCE) * AT_ONCE; from <= last && from < this.total; from += AT_ONCE) {
            if (!this.rows[from] && !this.coming.includes(from)) void this.fetch(from, false);
        }
    }

    mark(places: number[], selected: boolean): void {
        const rows = { ...this.rows };
        for (const at of places) {
            const row = rows[at];
            if (row) rows[at] = { ...row, selected };
        }
        this.rows = rows;
    }

    async keep(name: string): Promise<boolean> {
        return this.filters(post(`/studio/who/filters?${this.address}`, { name }));
    }

    async forget(id: number): Promise<boolean> {
        return this.filters(post(`/studio/who/filters/${id}/forget?${this.address}`));
    }

    private async filters(answer: Promise<{ kept: NamedFilter[] }>): Promise<boolean> {
        try {
            this.kept = (await answer).kept;
            return true;
        } catch (error) {
            notices.trouble(error);
            return false;
        }
    }

    private async fetch(from: number, anew: boolean): Promise<void> {
        const mine = this.asking;
        this.coming.push(from);
        try {
            const next = this.columns.includes('next') ? '&next=1' : '';
            const page = await get<FoundPage>(`/studio/who/rows?from=${from}${next}&${this.address}`);
            if (mine !== this.asking) return;
            if (anew) this.rows = {};
            this.take(page);
        } catch (error) {
            notices.trouble(error);
        }
        this.coming = this.coming.filter((one) => one !== from);
        if (mine === this.asking) this.waiting = false;
    }

    private take(page: FoundPage & { selection: SelectionState | null }): void {
        this.total = page.total;
        this.clause = page.clause;
        this.rows = { ...this.rows, ...Object.fromEntries(page.rows.map((row, at) => [page.from + at, row])) };
        if (page.selection) this.selecting.note(page.selection);
    }
}
