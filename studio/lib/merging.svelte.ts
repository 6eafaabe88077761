import { movesSentence } from './catalogueMoves';
import { post } from './http';
import { freshId } from './ids';
import { notices } from './notices.svelte';
import type { CatalogueForeseen } from './types';

/** Making one thing of two of a kind: what it would do is said first. */
export class Merging {
    into = $state<number | null>(null);
    sentence = $state<string | null>(null);
    busy = $state(false);
    #asked = 0;

    /**
     * @param address where it is asked for and done
     * @param done what happens once they are one
     */
    constructor(
        private readonly address: string,
        private readonly done: (into: number) => void,
    ) {}

    async choose(into: number | null): Promise<void> {
        const mine = ++this.#asked;
        this.into = into;
        this.sentence = null;
        if (into === null) return;
        try {
            const { moves, problems } = await post<CatalogueForeseen>(this.address, { into, foresee: true });
            if (mine !== this.#asked) return;
            if (problems[0]) {
                this.into = null;
                notices.warn(problems[0].message);
            } else
                this.sentence =
                    movesSentence(moves, true).replaceAll('Saving moves', 'Merging moves') ||
                    'No page gets another template.';
        } catch (error) {
            if (mine === this.#asked) this.into = null;
            notices.trouble(error);
        }
    }

    async go(): Promise<void> {
        if (this.into === null || this.busy) return;
        this.busy = true;
        try {
            await post(this.address, { into: this.into, key: freshId() });
            this.done(this.into);
        } catch (error) {
            notices.trouble(error);
        } finally {
            this.busy = false;
        }
    }
}
