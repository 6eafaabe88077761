import { offerTable } from '../../lib/csv';
import { get, post, Refused } from '../../lib/http';
import { freshId } from '../../lib/ids';
import { notices } from '../../lib/notices.svelte';
import { counted } from '../../lib/words';
import type { CatalogueSaved, FieldOutcome, ProgressState, TableFact } from '../../lib/types';
import type { FoundList } from './list.svelte';

export type What =
    'price' | 'sale' | 'stock' | 'brand' | 'tags' | 'categories' | 'collections' | 'fact' | 'published' | 'delete';

/** One thing that is to be done, as it is typed. */
export class Alteration {
    what = $state<What>('price');
    how = $state('percent');
    amount = $state('');
    ending = $state('');
    from = $state('');
    until = $state('');
    fact = $state(0);
    written = $state('');
    shown = $state(false);
    taking = $state<'in' | 'out'>('in');
    things = $state.raw<number[]>([]);
    readonly id = freshId();

    /** What one begins with when something else is to be done. */
    become(what: What): void {
        this.what = what;
        this.how = what === 'stock' ? 'to' : 'percent';
        this.things = [];
        this.amount = '';
        this.written = '';
    }

    toJson(facts: TableFact[]): object {
        const { what, how, amount, ending } = this;
        switch (what) {
            case 'brand':
                return { what, set: this.things.at(-1) ?? null };
            case 'published':
                return { what, set: this.shown };
            case 'tags':
            case 'categories':
            case 'collections':
                return {
                    what,
                    in: this.taking === 'in' ? this.things : [],
                    out: this.taking === 'out' ? this.things : [],
                };
            case 'fact':
                return { what, of: this.fact, set: this.values(facts) };
            case 'sale':
                return { what, how, amount, ending, from: this.from || null, until: this.until || null };
            default:
                return { what, how, amount, ending };
        }
    }

    private values(facts: TableFact[]): string[] {
        const several = facts.find((one) => one.id === this.fact)?.kind === 'list';
        const values = several ? this.written.split(/[,\n]/) : [this.written];
        return values.map((one) => one.trim()).filter((one) => one !== '');
    }
}

/** The same done to all selected products: what it would do first, then done as one, with how far it is. */
export class FieldDeeds {
    isOpen = $state(false);
    list = $state.raw<Alteration[]>([]);
    outcome = $state.raw<FieldOutcome | null>(null);
    done = $state.raw<FieldOutcome | null>(null);
    busy = $state<'' | 'ask' | 'do'>('');
    progress = $state.raw<ProgressState>({ what: '', done: 0, all: 0 });
    private key = '';
    /** The selection that the outcome is about. */
    private revision = 0;

    constructor(
        private readonly pages: FoundList,
        private readonly facts: TableFact[],
    ) {}

    open(): void {
        this.list = [new Alteration()];
        this.outcome = null;
        this.done = null;
        this.isOpen = true;
    }

    leave(): void {
        if (this.busy !== '') void this.stop();
        this.isOpen = false;
    }

    add(): void {
        this.list = [...this.list, new Alteration()];
        this.outcome = null;
    }

    remove(one: Alteration): void {
        this.list = this.list.filter((other) => other !== one);
        this.outcome = null;
    }

    /** What is said was about something else. */
    changed(): void {
        this.outcome = null;
    }

    async ask(): Promise<void> {
        this.outcome = await this.run(true);
    }

    async go(): Promise<void> {
        const outcome = await this.run(false);
        if (!outcome) return;
        this.outcome = null;
        this.done = outcome;
        if (outcome.entry > 0)
            notices.say(`Done: ${outcome.words}.`, {
                words: 'Take this back',
                do: () => void this.back(outcome.entry),
            });
        else notices.say('All of them are so already. Nothing was changed.');
        await this.pages.again();
    }

    async stop(): Promise<void> {
        try {
            await post('/studio/catalogue/many/stop', { key: this.key });
        } catch (error) {
            notices.trouble(error);
        }
    }

    /** What was refused and why, as a file. */
    download(outcome: FieldOutcome): void {
        offerTable('left-as-it-is.csv', [
            ['Product', 'Why it was left as it is'],
            ...outcome.refused.map((one) => [one.name, one.why]),
        ]);
    }

    private async run(ask: boolean): Promise<FieldOutcome | null> {
        if (this.busy !== '') return null;
        this.busy = ask ? 'ask' : 'do';
        await this.pages.selecting.settled();
        if (ask) this.revision = this.pages.selecting.state.revision;
        this.key = freshId();
        this.progress = { what: '', done: 0, all: 0 };
        const body =
            this.list[0]?.what === 'delete'
                ? { delete: true }
                : { changes: this.list.map((one) => one.toJson(this.facts)) };
        let through = false;
        const watch = async (): Promise<void> => {
            while (!through) {
                await new Promise((resolve) => setTimeout(resolve, 700));
                if (through) return;
                this.progress = await get<ProgressState>(`/studio/catalogue/many/progress?key=${this.key}`).catch(
                    () => this.progress,
                );
            }
        };
        void watch();
        try {
            return await post<FieldOutcome>('/studio/catalogue/many', {
                ...body,
                ask,
                revision: this.revision,
                key: this.key,
            });
        } catch (error) {
            if (error instanceof Refused) notices.warn(error.message);
            else notices.trouble(error);
            void this.pages.selecting.look();
            return null;
        } finally {
            through = true;
            this.busy = '';
        }
    }

    private async back(entry: number): Promise<void> {
        try {
            const saved = await post<CatalogueSaved>(`/studio/catalogue/entries/${entry}/take-back`);
            notices.say(
                saved.leftCount === 0
                    ? 'It is as it was.'
                    : `It is as it was, but for what was changed since: ${saved.left.join(', ')}${
                          saved.leftCount > saved.left.length ? ` (${counted(saved.leftCount, 'field')} in all)` : ''
                      }.`,
            );
            this.done = null;
            await this.pages.again();
        } catch (error) {
            notices.trouble(error);
        }
    }
}
