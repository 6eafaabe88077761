import { movesSentence } from './catalogueMoves';
import { post } from './http';
import { notices } from './notices.svelte';
import type { CatalogueChange, CatalogueForeseen } from './types';

/** Deleting something of the catalogue: what it would do is said first. */
export class Deleting {
    asked = $state.raw<{ changes: CatalogueChange[]; sentence: string } | null>(null);

    /** @param done what happens once it is gone */
    constructor(private readonly done: () => void) {}

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
