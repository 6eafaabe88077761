import { numbers } from '../../lib/fields';
import { get, post } from '../../lib/http';
import { inTurn } from '../../lib/inTurn';
import { notices } from '../../lib/notices.svelte';
import type { Ledger } from '../../lib/ledger.svelte';
import type { FactChange, Fact, Picture, ProductData } from '../../lib/types';

/** One product of the catalogue: its facts, and its pictures in order. */
export class Product {
    values = $state.raw<Record<string, string[]>>({});
    /** Pictures that this window has seen, by number. */
    known = $state.raw<Record<number, Picture>>({});
    private ordered = $state.raw<number[]>([]);
    /** By fact, why what was typed was not kept. */
    wrong = $state.raw<Record<number, string>>({});
    readonly id: number;
    /** What is stored, as far as this window knows; `values` is what was last filled in. */
    private stored: Record<string, string[]>;
    private readonly facts = inTurn();
    private readonly order = inTurn();

    /** @param draft where a product that is not saved yet keeps its pictures */
    constructor(
        data: ProductData,
        private readonly draft: { ledger: Ledger; at: string } | null,
    ) {
        this.id = data.product.id;
        this.values = this.stored = data.values;
        this.ordered = data.pictures;
        this.learn(data.shownPictures);
        if (draft) void this.meet(this.pictures);
    }

    get pictures(): number[] {
        return this.draft ? numbers(this.draft.ledger.value(this.draft.at, 'pictures')) : this.ordered;
    }

    fill(
        fact: Fact,
        written: string[],
        words = `${fact.name} is ${written.length === 0 ? 'empty' : 'filled in'}.`,
    ): Promise<void> {
        this.values = { ...this.values, [fact.id]: written };
        return this.facts(() => this.store(fact, written, words));
    }

    arrange(change: (now: number[]) => number[], words: string): Promise<void> {
        if (this.draft) {
            const next = change(this.pictures);
            this.draft.ledger.set(this.draft.at, 'pictures', next);
            return this.meet(next);
        }
        return this.order(() => this.storeOrder(change(this.pictures), words));
    }

    /** Opens what is laid out for this product alone. */
    async open(fact: Fact): Promise<void> {
        try {
            const answer = await post<{ id: number }>(`/studio/products/${this.id}/contents/${fact.id}`);
            location.assign(`/studio/templates/${answer.id}`);
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async store(fact: Fact, written: string[], words: string): Promise<void> {
        const before = this.stored[fact.id] ?? [];
        this.wrong = { ...this.wrong, [fact.id]: '' };
        if (JSON.stringify(before) === JSON.stringify(written)) return;
        try {
            await post('/studio/facts/values', { changes: [{ product: this.id, fact: fact.id, written, before }] });
            this.stored = { ...this.stored, [fact.id]: written };
            if (fact.kind === 'picture') await this.meet(written.map(Number));
            notices.say(words, {
                words: 'Take this back',
                do: () => void this.fill(fact, before, `${fact.name} is as it was.`),
            });
        } catch (error) {
            const body = (error as { body?: { wrong?: { message: string }[]; crossed?: FactChange[] } }).body;
            const crossed = body?.crossed?.[0];
            if (crossed) {
                this.stored = { ...this.stored, [fact.id]: crossed.written };
                this.values = { ...this.values, [fact.id]: crossed.written };
            }
            if (body?.wrong?.[0]) this.wrong = { ...this.wrong, [fact.id]: body.wrong[0].message };
            notices.trouble(error);
        }
    }

    private async storeOrder(next: number[], words: string): Promise<void> {
        const before = this.pictures;
        if (next.join() === before.join()) return;
        try {
            this.take(
                await post<{ pictures: number[]; shown: Picture[] }>(`/studio/products/${this.id}/pictures`, {
                    ids: next,
                    before,
                }),
            );
            notices.say(words, {
                words: 'Take this back',
                do: () => void this.arrange(() => before, 'The pictures are as they were.'),
            });
        } catch (error) {
            const body = (error as { body?: { pictures?: number[]; shown?: Picture[] } }).body;
            if (body?.pictures && body.shown) this.take({ pictures: body.pictures, shown: body.shown });
            notices.trouble(error);
        }
    }

    private take(answer: { pictures: number[]; shown: Picture[] }): void {
        this.ordered = answer.pictures;
        this.learn(answer.shown);
    }

    private async meet(ids: number[]): Promise<void> {
        const unknown = ids.filter((id) => !this.known[id]);
        if (unknown.length === 0) return;
        try {
            this.learn((await get<{ pictures: Picture[] }>(`/studio/pictures/rows?ids=${unknown.join(',')}`)).pictures);
        } catch (error) {
            notices.trouble(error);
        }
    }

    private learn(pictures: Picture[]): void {
        this.known = { ...this.known, ...Object.fromEntries(pictures.map((one) => [one.id, one])) };
    }
}
