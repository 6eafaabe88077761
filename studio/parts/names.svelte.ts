import { Finder } from '../lib/finder.svelte';
import { get } from '../lib/http';
import type { NamePage } from '../lib/types';

/** So many are asked for by number in one go. */
const AT_ONCE = 50;

type Name = NamePage['names'][number];

/** Things of the shop by name: found, and those that are named already. */
export class NameChoice {
    /** Names that this field has seen, by number. */
    known = $state.raw<Record<string, string>>({});
    readonly found: Finder<Name>;

    constructor(readonly things: string) {
        this.found = new Finder<Name>(async (words, page) => {
            const answer = await get<NamePage>(`/studio/names/${things}?q=${encodeURIComponent(words)}&page=${page}`);
            this.note(answer.names);
            return { rows: answer.names, more: answer.more };
        });
    }

    /** Asks for the names of things that are chosen already. */
    async learn(ids: number[]): Promise<void> {
        const wanted = ids.filter((id) => this.known[id] === undefined);
        if (wanted.length === 0) return;
        try {
            for (let from = 0; from < wanted.length; from += AT_ONCE) {
                const some = wanted.slice(from, from + AT_ONCE);
                const answer = await get<NamePage>(`/studio/names/${this.things}?ids=${some.join(',')}`);
                this.known = { ...Object.fromEntries(some.map((id) => [id, 'something deleted'])), ...this.known };
                this.note(answer.names);
            }
        } catch {
            // Their numbers stand there until the names can be asked for again.
        }
    }

    private note(names: Name[]): void {
        this.known = { ...this.known, ...Object.fromEntries(names.map((one) => [one.id, one.name])) };
    }
}
