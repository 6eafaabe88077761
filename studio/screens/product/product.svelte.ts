import { get, post } from '../../lib/http';
import { inTurn } from '../../lib/inTurn';
import { notices } from '../../lib/notices.svelte';
import type { FactChange, Fact, Picture, ProductData } from '../../lib/types';

/** One product of the catalogue: its facts, and its pictures in order. */
export class Product {
    values = $state.raw<Record<string, string[]>>({});
    /** Pictures that this window has seen, by number. */
    known = $state.raw<Record<number, Picture>>({});
    pictures = $state.raw<number[]>([]);
    /** By fact, why what was typed was not kept. */
    wrong = $state.raw<Record<number, string>>({});
    readonly id: number;
    /** What is stored, as far as this window knows; `values` is what was last filled in. */
    private stored: Record<string, string[]>;
    private readonly facts = inTurn();
    private readonly order = inTurn();

    constructor(data: ProductData) {
        this.id = data.product.id;
        this.values = this.stored = data.values;
        this.pictures = data.pictures;
        this.learn(data.shownPictures);
    }

    fill(fact: Fact, written: string[], words = `${fact.name} is ${written.length === 0 ? 'empty' : 'filled in'}.`): Promise<void> {
        this.values = { ...this.values, [fact.id]: written };
        return this.facts(() => this.store(fact, written, words));
    }

    arrange(change: (now: number[]) => number[], words: string): Promise<void> {
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
            if (fact.kind === 'picture') this.learn((await get<{ pictures: Picture[] }>(`/studio/pictures/rows?ids=${written.join(',')}`)).pictures);
            notices.say(words, { words: 'Take this back', do: () => void this.fill(fact, before, `${fact.name} is as it was.`) });
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
            this.take(await post<{ pictures: number[]; shown: Picture[] }>(`/studio/products/${this.id}/pictures`, { ids: next, before }));
            notices.say(words, { words: 'Take this back', do: () => void this.arrange(() => before, 'The pictures are as they were.') });
        } catch (error) {
            const body = (error as { body?: { pictures?: number[]; shown?: Picture[] } }).body;
            if (body?.pictures && body.shown) this.take({ pictures: body.pictures, shown: body.shown });
            notices.trouble(error);
        }
    }

    private take(answer: { pictures: number[]; shown: Picture[] }): void {
        this.pictures = answer.pictures;
        this.learn(answer.shown);
    }

    private learn(pictures: Picture[]): void {
        this.known = { ...this.known, ...Object.fromEntries(pictures.map((one) => [one.id, one])) };
    }
}
