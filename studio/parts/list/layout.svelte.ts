import { get, post } from '../../lib/http';
import { freshId } from '../../lib/ids';
import { notices } from '../../lib/notices.svelte';
import type { LayoutAnswer, LayoutDone, RemainingRow, RuleInTheWay, SelectionSaid } from '../../lib/types';
import type { FoundList } from './list.svelte';

export type LayoutDeed = 'rule' | 'pin' | 'name' | 'keepOff' | 'unpin';

/** What can be done with the selection that changes which template it has: asked for first, done as one release. */
export class LayoutDeeds {
    /** What is being asked for. */
    deed = $state<LayoutDeed | null>(null);
    template = $state(0);
    /** Rows whose pins are taken out with it, and rules of other templates that are. */
    frees = $state.raw<RemainingRow[]>([]);
    without = $state.raw<(RuleInTheWay & { template: number; name: string })[]>([]);
    answer = $state.raw<LayoutAnswer | null>(null);
    said = $state.raw<SelectionSaid | null>(null);
    busy = $state(false);
    /** What was done last, with the file that says it page by page. */
    done = $state.raw<(LayoutDone & { words: string }) | null>(null);
    /** The list's own sentence is made a rule, whatever is selected. */
    ofSentence = $state(false);
    private key = '';
    /** The selection that the answer is about. */
    private revision = 0;
    private saying = 0;
    private asking = 0;

    constructor(private readonly list: FoundList) {}

    /** Which short rule gives exactly what is selected. */
    async say(): Promise<void> {
        const mine = ++this.saying;
        try {
            const said = await get<SelectionSaid>(`/studio/who/selection/said?${this.list.address}`);
            if (mine === this.saying) this.said = said;
        } catch {
            // Without it the selection is only counted.
        }
    }

    /** Another selection: what was said was about the one before. */
    async turned(): Promise<void> {
        this.said = null;
        this.done = null;
        const shown = this.deed !== null && !this.ofSentence;
        if (shown) {
            this.answer = null;
            this.asking++;
        }
        const isSaid = this.say();
        if (!shown) return;
        if (this.list.selecting.state.count === 0) {
            this.leave();
            return;
        }
        // What is pinned or named needs no rule in words.
        if (this.deed === 'rule' || this.deed === 'keepOff') await isSaid;
        this.askIfItCan();
    }

    /** Another sentence: what would be made a rule of is another one. */
    sentenceTurned(): void {
        if (this.deed === null || !this.ofSentence) return;
        this.stay();
        this.answer = null;
        this.askIfItCan();
    }

    /** The rule that is made, in words. */
    get words(): string {
        return this.ofSentence
            ? this.list.clause.phrases.map((one) => `${one.what} ${one.values}`.trim()).join(' and ') ||
                  `every ${this.list.words.one}`
            : (this.said?.words ?? '');
    }

    open(deed: LayoutDeed, ofSentence = false): void {
        this.done = null;
        this.deed = deed;
        this.ofSentence = ofSentence;
        this.stay();
        this.answer = null;
        this.askIfItCan();
    }

    leave(): void {
        this.deed = null;
        this.answer = null;
    }

    choose(template: number): void {
        this.template = template;
        this.stay();
        this.answer = null;
        this.askIfItCan();
    }

    /** Takes a row's pins out with it, or leaves them. */
    free(row: RemainingRow, on: boolean): void {
        this.frees = on ? [...this.frees, row] : this.frees.filter((one) => one.template !== row.template);
        void this.ask();
    }

    /** Takes a rule of another template out with it, or leaves it. */
    takeOut(rule: RuleInTheWay & { template: number; name: string }, on: boolean): void {
        this.without = on ? [...this.without, rule] : this.without.filter((one) => one !== rule);
        void this.ask();
    }

    async ask(): Promise<void> {
        const mine = ++this.asking;
        this.key = freshId();
        this.busy = true;
        await this.list.selecting.settled();
        this.revision = this.list.selecting.state.revision;
        try {
            const answer = await post<LayoutAnswer>(this.address(''), { ...this.body(), ask: true });
            if (mine === this.asking) this.answer = answer;
        } catch (error) {
            if (mine === this.asking) this.answer = null;
            notices.trouble(error);
            void this.list.selecting.look();
        }
        this.busy = false;
    }

    async go(words: string): Promise<void> {
        if (this.busy) return;
        this.busy = true;
        try {
            const done = await post<LayoutDone>(this.address(''), { ...this.body(), key: this.key });
            this.leave();
            this.done = { ...done, words };
            if (done.release === null)
                notices.say(`${words}: its draft has the rule now.`, {
                    words: 'open it',
                    do: () => location.assign(`/studio/templates/${done.template}?view=reach`),
                });
            else notices.say(`Done: ${words}.`, { words: 'Take this back', do: () => void this.back(done) });
            this.list.ruled++;
            await this.list.again();
        } catch (error) {
            notices.trouble(error);
            void this.list.selecting.look();
        }
        this.busy = false;
    }

    /** Nothing is taken out with it. */
    private stay(): void {
        this.frees = [];
        this.without = [];
    }

    private askIfItCan(): void {
        if (this.deed === 'unpin' || (this.deed !== null && this.template > 0)) void this.ask();
    }

    async back(done: LayoutDone): Promise<void> {
        try {
            await post(this.address(`/${done.release?.id}/take-back`), { ...done, key: freshId() });
            notices.say('It is as it was.');
            this.done = null;
            this.list.ruled++;
            await this.list.again();
        } catch (error) {
            notices.trouble(error);
        }
    }

    private address(more: string): string {
        return `/studio/who/layout${more}?${this.list.address}`;
    }

    private body(): object {
        const ruled = this.deed === 'rule' || this.deed === 'keepOff';
        return {
            deed: this.deed,
            with: this.template || null,
            clauses: this.ofSentence ? [this.list.clause.conditions] : ruled ? (this.said?.clauses ?? []) : [],
            frees: this.frees.map((row) => row.template),
            without: this.without.map(({ template, clause }) => ({ template, clause })),
            sentence: this.ofSentence,
            revision: this.revision,
        };
    }
}
