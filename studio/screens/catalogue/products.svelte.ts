import { get } from '../../lib/http';
import { asked } from './asked';
import { notices } from '../../lib/notices.svelte';
import type {
    Condition,
    ProductClause,
    ProductFilter,
    ProductListData,
    ProductPage,
    ProductRow,
} from '../../lib/types';

const AT_ONCE = 50;

/** The products, found by a sentence; rows are fetched where the list is scrolled to, however many there are. */
export class Products {
    filter = $state.raw<ProductFilter>({ q: '', category: 0, brand: 0, tag: 0, state: '', where: '', sort: 'title' });
    /** More of the sentence, as rules write it. */
    clause = $state.raw<ProductClause>({ conditions: [], phrases: [], names: {} });
    total = $state(0);
    /** By their place in the list. */
    rows = $state.raw<Record<number, ProductRow>>({});
    names = $state.raw<Record<string, string>>({});
    private asked = 0;
    private coming: number[] = [];

    constructor(data: ProductListData) {
        this.filter = data.filter;
        this.names = data.names;
        this.take(data);
    }

    /** Conditions as rules have them, of which all have to hold. */
    where(next: (now: Condition[]) => Condition[] | null): Promise<void> {
        const conditions = next(this.clause.conditions) ?? [];
        this.clause = { ...this.clause, conditions };
        return this.find({ where: conditions.length === 0 ? '' : JSON.stringify(conditions) });
    }

    find(change: Partial<ProductFilter>, name?: string): Promise<void> {
        this.filter = { ...this.filter, ...change };
        const field = Object.keys(change)[0];
        if (name !== undefined && field) this.names = { ...this.names, [field]: name };
        const words = asked(this.filter);
        history.replaceState(null, '', words === '' ? '/studio/catalogue' : `/studio/catalogue?${words}`);
        this.asked++;
        this.coming = [];
        return this.fetch(0, true);
    }

    /** Makes sure that some places of the list are there. */
    need(first: number, last: number): void {
        for (let from = Math.floor(first / AT_ONCE) * AT_ONCE; from <= last && from < this.total; from += AT_ONCE) {
            if (!this.rows[from] && !this.coming.includes(from)) void this.fetch(from, false);
        }
    }

    private async fetch(from: number, anew: boolean): Promise<void> {
        const mine = this.asked;
        this.coming.push(from);
        try {
            const page = await get<ProductPage>(`/studio/catalogue/rows?from=${from}&${asked(this.filter)}`);
            if (mine !== this.asked) return;
            if (anew) this.rows = {};
            this.take(page);
        } catch (error) {
            notices.trouble(error);
        }
        this.coming = this.coming.filter((one) => one !== from);
    }

    private take(page: ProductPage): void {
        this.total = page.total;
        this.clause = page.clause;
        this.rows = { ...this.rows, ...Object.fromEntries(page.rows.map((row, at) => [page.from + at, row])) };
    }
}
