import { notices } from './notices.svelte';

interface Found<Row> {
    rows: Row[];
    more: boolean;
    total?: number;
}

/** A list that is found by words, a page at a time; an answer that a later question has overtaken is left out. */
export class Finder<Row> {
    rows = $state.raw<Row[]>([]);
    more = $state(false);
    total = $state(0);
    query = $state('');
    /** Whether what stands there is about to be replaced. */
    waiting = $state(false);
    private page = 0;
    private asked = 0;

    constructor(private readonly ask: (words: string, page: number) => Promise<Found<Row>>) {}

    async load(page = 1): Promise<void> {
        const mine = ++this.asked;
        this.waiting = true;
        try {
            const answer = await this.ask(this.query, page);
            if (mine !== this.asked) return;
            this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
            this.more = answer.more;
            this.total = answer.total ?? 0;
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        } finally {
            if (mine === this.asked) this.waiting = false;
        }
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }
}
