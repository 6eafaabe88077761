import { get, patch, post, Refused } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Impact, ReleaseRow, WordsPage, WordsRow } from '../../lib/types';

/** The words of the shop, their draft, and its publishing. */
export class Words {
    rows = $state.raw<WordsRow[]>([]);
    more = $state(false);
    count = $state(0);
    unpublished = $state(0);
    query = $state('');
    ownOnly = $state(false);
    impact = $state.raw<Impact | null>(null);
    changed = $state.raw<WordsRow[]>([]);
    /** By message, why what was typed was not kept. */
    wrong = $state.raw<Record<string, string>>({});
    busy = $state(false);
    #seen = '';
    #page = 1;
    #asked = 0;

    constructor(first: WordsPage) {
        this.#take(first, 1);
    }

    get places(): { name: string; rows: WordsRow[] }[] {
        const places: { name: string; rows: WordsRow[] }[] = [];
        for (const row of this.rows) {
            const last = places.at(-1);
            if (last?.name === row.place) last.rows.push(row);
            else places.push({ name: row.place, rows: [row] });
        }
        return places;
    }

    async load(page = 1): Promise<void> {
        const mine = ++this.#asked;
        try {
            const answer = await get<WordsPage>(
                `/studio/words/rows?q=${encodeURIComponent(this.query)}&own=${this.ownOnly ? '1' : ''}&page=${page}`,
            );
            if (mine === this.#asked) this.#take(answer, page);
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.#page + 1);
    }

    /** Keeps words in the draft; null for those that came. */
    async keep(row: WordsRow, words: string | null, undoing = false): Promise<void> {
        const before = row.own;
        if ((words ?? row.came) === row.draft) return this.#forget(row.key);
        try {
            const answer = await patch<{ row: WordsRow; unpublished: number; seen: string }>(
                `/studio/words/${row.key}`,
                {
                    words,
                    asItCame: words === null,
                    seen: { words: row.draft },
                },
            );
            this.rows = this.rows.map((one) => (one.key === row.key ? answer.row : one));
            this.unpublished = answer.unpublished;
            this.#seen = answer.seen;
            this.impact = null;
            this.#forget(row.key);
            if (!undoing)
                notices.say('Kept in your draft. Customers read it once it is published.', {
                    words: 'Undo',
                    do: () => void this.keep(answer.row, before, true),
                });
        } catch (error) {
            await this.#refused(row, words, error);
        }
    }

    async ask(): Promise<void> {
        try {
            const [impact, changed] = await Promise.all([
                get<Impact & { seen: string; unpublished: number }>('/studio/words/impact'),
                get<WordsPage>('/studio/words/rows?own=1'),
            ]);
            this.impact = impact;
            this.changed = changed.rows.filter((row) => row.changed);
            this.#seen = impact.seen;
            this.unpublished = impact.unpublished;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async publish(note: string): Promise<void> {
        this.busy = true;
        try {
            const release = await post<ReleaseRow>('/studio/words/publish', { seen: this.#seen, note });
            this.impact = null;
            notices.say(`Customers read it now. It is release ${release.id}, and can be taken back under Releases.`);
            await this.load();
        } catch (error) {
            notices.trouble(error);
            this.impact = null;
        }
        this.busy = false;
    }

    async #refused(row: WordsRow, words: string | null, error: unknown): Promise<void> {
        const crossed =
            error instanceof Refused ? (error.body.crossed as { words: { theirs: string } } | undefined) : undefined;
        if (crossed && error instanceof Refused) {
            notices.ask(
                `${error.message} Theirs is “${crossed.words.theirs}”, yours “${words ?? row.came}”.`,
                { words: 'Use mine', do: () => void this.keep({ ...row, draft: crossed.words.theirs }, words) },
                { words: 'Keep theirs', do: () => void this.load() },
            );
        } else if (error instanceof Refused && error.status === 422) {
            this.wrong = { ...this.wrong, [row.key]: error.message };
        } else {
            notices.trouble(error);
        }
    }

    #forget(key: string): void {
        this.wrong = Object.fromEntries(Object.entries(this.wrong).filter(([one]) => one !== key));
    }

    #take(answer: WordsPage, page: number): void {
        this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
        ({ more: this.more, count: this.count, unpublished: this.unpublished } = answer);
        this.#seen = answer.seen;
        this.#page = page;
    }
}
