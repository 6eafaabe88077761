import { movesSentence } from './catalogueMoves';
import { get, post } from './http';
import { notices } from './notices.svelte';
import type { CatalogueChange, CatalogueForeseen, ThingUses } from './types';

/** Deleting something of the catalogue: what it would do is said first. */
export class Deleting {
    asked = $state.raw<{ changes: CatalogueChange[]; sentence: string } | null>(null);

    uses = $state.raw<ThingUses | null>(null);

    /**
     * @param address where what uses it is asked for
     * @param done what happens once it is gone
     */
    constructor(
        private readonly address: string,
        private readonly done: () => void,
    ) {}

    async look(): Promise<void> {
        try {
            this.uses = await get<ThingUses>(this.address);
        } catch (error) {
            notices.trouble(error);
        }
    }

    async ask(changes: CatalogueChange[]): Promise<void> {
        try {
            const { moves, problems } = await post<CatalogueForeseen>('/studio/catalogue/foresee', { changes });
            if (problems[0]) notices.warn(problems[0].message);
            else this.asked = { changes, sentence: movesSentence(moves, true) };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async go(): Promise<void> {
        if (!this.asked) return;
        try {
            await post('/studio/catalogue/save', { changes: this.asked.changes });
            this.done();
            location.assign('/studio/catalogue/history');
        } catch (error) {
            notices.trouble(error);
        }
    }
}
