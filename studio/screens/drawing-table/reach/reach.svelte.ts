import { get, post } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { Condition, Names, PageRow, Reach, ReachPreview, Sentence, Tried } from '../../../lib/types';
import type { Table } from '../table.svelte';
import type { SamplePage } from '../tree/types';

type Part = 'show' | 'keepOff';

const NOTHING: Sentence = { show: [], keepOff: [], season: '', from: null, until: null };

/** Where a template appears: what the rules come to while they are changed, and whether they take a page. */
export class Reaching {
    reach = $state.raw<Reach>({ format: 2, show: [], keepOff: [], season: {}, goesFirst: false });
    sentence = $state.raw<Sentence>(NOTHING);
    names = $state.raw<Names>({});
    preview = $state.raw<ReachPreview | null>(null);
    shown = $state.raw<PageRow[]>([]);
    trying = $state.raw<PageRow | null>(null);
    tried = $state.raw<Tried | null>(null);
    query = $state('');
    found = $state.raw<PageRow[]>([]);
    private page = 1;
    private asked = 0;
    private sought = 0;
    /**
     * The newest rules asked for, while they are on their way: the next change starts from them, not from what is
     * displayed.
     */
    private newest: Reach | null = null;
    private going = 0;

    constructor(private readonly table: Table) {
        this.reach = table.draft.reach;
        this.sentence = table.draft.sentence ?? NOTHING;
        this.names = table.draft.names ?? {};
    }

    async look(now: Reach, page = 1): Promise<void> {
        const mine = ++this.asked;
        try {
            const answer = await post<ReachPreview>(`${this.table.base}/reach?page=${page}`, { reach: now });
            if (mine !== this.asked) return;
            this.preview = answer;
            ({ reach: this.reach, sentence: this.sentence, names: this.names } = answer);
            this.shown = page === 1 ? answer.pages : [...this.shown, ...answer.pages];
            this.page = page;
            this.table.page.draft = {
                ...this.table.page.draft,
                names: answer.names,
                sentence: answer.sentence,
                counts: answer,
            };
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.look(this.table.draft.reach, this.page + 1);
    }

    async find(): Promise<void> {
        const mine = ++this.sought;
        if (this.query.trim() === '') {
            this.found = [];
            return;
        }
        try {
            const answer = await get<SamplePage>(`${this.table.base}/samples?q=${encodeURIComponent(this.query)}`);
            if (mine === this.sought) this.found = answer.samples.slice(0, 6);
        } catch (error) {
            notices.trouble(error);
        }
    }

    take(page: PageRow | null): void {
        this.trying = page;
        this.query = '';
        this.found = [];
    }

    async tryOut(now: Reach, id: number | null): Promise<void> {
        try {
            this.tried = id === null ? null : await post<Tried>(`${this.table.base}/try`, { reach: now, subject: id });
        } catch (error) {
            notices.trouble(error);
        }
    }

    async change(next: (now: Reach) => Partial<Reach>): Promise<void> {
        const now = this.newest ?? this.table.draft.reach;
        this.newest = { ...now, ...next(now) };
        this.going++;
        try {
            await this.table.edits.send([{ edit: 'reach', reach: this.newest }]);
        } finally {
            if (--this.going === 0) this.newest = null;
        }
    }

    setClause(part: Part, index: number, next: (now: Condition[]) => Condition[] | null): void {
        void this.change((now) => {
            const clauses = [...now[part]];
            const clause = next(clauses[index] ?? []);
            if (clause === null || (clause.length === 0 && part === 'keepOff')) clauses.splice(index, 1);
            else clauses[index] = clause;
            return { [part]: clauses };
        });
    }

    addClause(part: Part, next: (now: Condition[]) => Condition[] | null): void {
        const clause = next([]);
        if (clause && clause.length > 0) void this.change((now) => ({ [part]: [...now[part], clause] }));
    }

    isDead(part: Part, clause: number, condition: number): boolean {
        return (
            this.preview?.dead.some(
                (dead) => dead.part === part && dead.clause === clause && dead.condition === condition,
            ) ?? false
        );
    }
}
