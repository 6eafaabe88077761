import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { Preview, Search, SearchData, SearchPage, SearchWeight, WordGroup } from '../../lib/types';

/** What customers looked for, words that mean the same, and where is searched. */
export class Searching {
    rows = $state.raw<Search[]>([]);
    more = $state(false);
    total = $state(0);
    groups = $state.raw<WordGroup[]>([]);
    weights = $state.raw<SearchWeight[]>([]);
    /** Only what found nothing. */
    nothing = $state(true);
    query = $state('');
    preview = $state.raw<Preview | null>(null);
    private page = 1;
    private asked = 0;

    constructor(first: SearchData) {
        ({ rows: this.rows, more: this.more, total: this.total } = first.searches);
        this.groups = first.groups;
        this.weights = first.weights;
    }

    async load(page = 1): Promise<void> {
        try {
            const answer = await get<SearchPage>(
                `/studio/search/rows?show=${this.nothing ? 'nothing' : 'all'}&q=${encodeURIComponent(this.query)}&page=${page}`,
            );
            this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
            this.more = answer.more;
            this.total = answer.total;
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }

    async near(name: string): Promise<string[]> {
        try {
            return (await get<{ words: string[] }>(`/studio/search/near?q=${encodeURIComponent(name)}`)).words;
        } catch (error) {
            notices.trouble(error);
            return [];
        }
    }

    /** @returns whether they were kept */
    async keep(words: string[], id = 0): Promise<boolean> {
        const before = this.groups.find((group) => group.id === id);
        let kept = false;
        try {
            await saveSeen<{ id: number; groups: WordGroup[] }>({
                address: '/studio/search/words',
                send: post,
                values: { words, ...(id > 0 ? { id } : {}) },
                seen: { words: before?.words ?? [] },
                saved: (answer) => {
                    kept = true;
                    this.groups = answer.groups;
                    notices.say(`${words.map((word) => `“${word}”`).join(', ')}: each finds all of them now.`, {
                        words: 'Undo',
                        do: () => void (before ? this.keep(before.words, id) : this.takeOut(answer.id)),
                    });
                },
                theirs: (theirs) =>
                    (this.groups = this.groups.map((group) =>
                        group.id === id ? { ...group, words: theirs.words as string[] } : group,
                    )),
            });
            await this.load();
        } catch (error) {
            notices.trouble(error);
        }
        return kept;
    }

    async takeOut(id: number): Promise<void> {
        const gone = this.groups.find((group) => group.id === id);
        try {
            this.groups = (await post<{ groups: WordGroup[] }>(`/studio/search/words/${id}/take-out`)).groups;
            if (gone)
                notices.say(`${gone.words.map((word) => `“${word}”`).join(', ')} mean different things again.`, {
                    words: 'Undo',
                    do: () => void this.keep(gone.words),
                });
            await this.load();
        } catch (error) {
            notices.trouble(error);
        }
    }

    async weigh(field: string, weight: number): Promise<void> {
        const before = this.weights;
        const was = before.find((one) => one.field === field)?.weight ?? 0;
        this.weights = before.map((one) => (one.field === field ? { ...one, weight } : one));
        try {
            await saveSeen<{ weights: SearchWeight[] }>({
                address: '/studio/search/weights',
                send: post,
                values: { weights: byField(this.weights) },
                seen: byField(before),
                saved: ({ weights }) => {
                    this.weights = weights;
                    notices.say('Kept. Customers’ searches go by it at once.', {
                        words: 'Undo',
                        do: () => void this.weigh(field, was),
                    });
                    if (this.preview) void this.tryOut(this.tried);
                },
                theirs: (theirs) =>
                    (this.weights = before.map((one) => ({ ...one, weight: Number(theirs[one.field] ?? one.weight) }))),
            });
        } catch (error) {
            this.weights = before;
            notices.trouble(error);
        }
    }

    tried = '';

    async tryOut(query: string): Promise<void> {
        this.tried = query;
        const asked = ++this.asked;
        if (query.trim() === '') {
            this.preview = null;
            return;
        }
        try {
            const answer = await get<Preview>(`/studio/search/preview?q=${encodeURIComponent(query)}`);
            if (asked === this.asked) this.preview = answer;
        } catch (error) {
            notices.trouble(error);
        }
    }
}

function byField(weights: SearchWeight[]): Record<string, number> {
    return Object.fromEntries(weights.map((one) => [one.field, one.weight]));
}
