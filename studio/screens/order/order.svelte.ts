import { get, post } from '../../lib/http';
import { inTurn } from '../../lib/inTurn';
import { takeBackEntry } from '../../lib/ledger.svelte';
import { notices } from '../../lib/notices.svelte';
import type { CatalogueSaved, OrderData, OrderPage, OrderRow } from '../../lib/types';
import { counted } from '../../lib/words';

const FIRST = 0;
const LAST = -1;

/**
 * The owner's own order of many products: some of them are loaded, and what is moved stands right after another one.
 */
export class OwnOrder {
    rows = $state.raw<OrderRow[]>([]);
    total = $state(0);
    placed = $state(0);
    more = $state(false);
    busy = $state(false);
    private page = 1;
    /** Stands for the order that is shown, all of it. */
    private seen = '';
    private readonly address: string;
    /** What is moved while a move is on its way is moved from how that one leaves it. */
    private readonly turn = inTurn();

    constructor(data: OrderData) {
        this.address = `/studio/catalogue/${data.thing}/${data.id.toString()}/order`;
        this.take(data, false);
    }

    async next(): Promise<void> {
        try {
            this.take(await get<OrderPage>(`${this.address}/rows?page=${(this.page + 1).toString()}`), true);
            this.page++;
        } catch (error) {
            notices.trouble(error);
        }
    }

    /**
     * To a place among those that are loaded, counted without the one that is moved; said from where it stands when its
     * turn comes.
     */
    moveTo(row: OrderRow, place: (from: number) => number): Promise<void> {
        return this.turn(() => this.put(row, place));
    }

    /** To a place among all, loaded or not. */
    moveToPlace(row: OrderRow, place: number): Promise<void> {
        return this.turn(async () => {
            const wanted = Math.max(1, Math.min(this.total, place));
            while (this.more && this.rows.length <= wanted) await this.next();
            await this.put(row, () => wanted - 1);
        });
    }

    toTheEnd(row: OrderRow): Promise<void> {
        return this.turn(() => this.move(row, LAST, 'the end', () => this.again()));
    }

    private async put(row: OrderRow, place: (from: number) => number): Promise<void> {
        const rest = this.rows.filter((one) => one.id !== row.id);
        const at = Math.max(0, Math.min(rest.length, place(this.rows.findIndex((one) => one.id === row.id))));
        if (this.rows[at]?.id === row.id) return;
        const next = [...rest.slice(0, at), row, ...rest.slice(at)];
        await this.move(row, rest[at - 1]?.id ?? FIRST, `place ${(at + 1).toString()}`, () => this.settle(next, at));
    }

    async clear(): Promise<void> {
        try {
            const { entry } = await post<CatalogueSaved>(`${this.address}/clear`, { seen: this.seen });
            await this.again();
            notices.say('The newest come first again.', { words: 'Take this back', do: () => void this.back(entry) });
        } catch (error) {
            notices.trouble(error);
            await this.again();
        }
    }

    /** Whether somebody else has put something elsewhere: then what is shown follows. */
    async news(): Promise<void> {
        if (this.busy || document.visibilityState === 'hidden') return;
        try {
            const { seen } = await get<OrderPage>(`${this.address}/rows?page=1`);
            if (this.busy || seen === this.seen) return;
            await this.again();
            notices.say('Somebody else has changed this order. What is shown is how it stands now.');
        } catch {
            // It is asked again in a few seconds.
        }
    }

    private async move(row: OrderRow, after: number, where: string, follow: () => Promise<void>): Promise<void> {
        this.busy = true;
        try {
            const { entry } = await post<CatalogueSaved>(this.address, { products: [row.id], after, seen: this.seen });
            await follow();
            notices.say(`${row.title} stands at ${where}. Customers see it so.`, {
                words: 'Take this back',
                do: () => void this.back(entry),
            });
        } catch (error) {
            notices.trouble(error);
            await this.again();
        } finally {
            this.busy = false;
        }
    }

    private async back(entry: number): Promise<void> {
        await takeBackEntry(entry);
        await this.again();
    }

    /** Those that are loaded, as they stand after a move: whatever stands before it has a place now. */
    private async settle(rows: OrderRow[], moved: number): Promise<void> {
        this.rows = rows.map((one, at) => ({ ...one, place: at + 1, placed: one.placed || at <= moved }));
        ({
            total: this.total,
            placed: this.placed,
            seen: this.seen,
        } = await get<OrderPage>(`${this.address}/rows?page=1`));
    }

    /** As many as were there before. What cannot be read now is asked for again in a few seconds. */
    private async again(): Promise<void> {
        const wanted = this.page;
        const pages: OrderPage[] = [];
        try {
            for (let page = 1; page <= wanted; page++)
                pages.push(await get<OrderPage>(`${this.address}/rows?page=${page.toString()}`));
        } catch {
            return;
        }
        const last = pages.at(-1);
        if (!last) return;
        this.rows = pages.flatMap((page) => page.rows);
        ({ total: this.total, placed: this.placed, more: this.more, seen: this.seen } = last);
    }

    private take(page: OrderPage, further: boolean): void {
        this.rows = further ? [...this.rows, ...page.rows] : page.rows;
        ({ total: this.total, placed: this.placed, more: this.more, seen: this.seen } = page);
    }

    get said(): string {
        return this.placed === 0
            ? 'The newest come first.'
            : `${counted(this.placed, 'product has', 'products have')} a place of your own; the newest of the others follow.`;
    }
}
