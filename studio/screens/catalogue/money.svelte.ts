import { post, Refused } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { MoneyPage, MoneySettings } from '../../lib/types';
import { currencyWords, example } from './money';

interface Done {
    settings: MoneySettings;
    entry: number;
    rules: string[];
}

/** Money and measures: what is chosen, what it would do, and saving it. */
export class Money {
    stands: MoneySettings = $state.raw({ currency: '', tax: 'none', rate: '', volume: 'ml', weight: 'g' });
    wanted: MoneySettings = $state.raw({ currency: '', tax: 'none', rate: '', volume: 'ml', weight: 'g' });
    wrong = $state('');
    busy = $state(false);

    constructor(readonly page: MoneyPage) {
        this.stands = this.wanted = page.settings;
    }

    get changed(): boolean {
        return JSON.stringify(this.stands) !== JSON.stringify(this.wanted);
    }

    get words(): string[] {
        return currencyWords(this.page, this.stands, this.wanted);
    }

    get example(): string {
        return example(this.page, this.wanted);
    }

    set<Name extends keyof MoneySettings>(name: Name, value: MoneySettings[Name]): void {
        this.wanted = { ...this.wanted, [name]: value };
        this.wrong = '';
    }

    putBack(): void {
        this.wanted = this.stands;
        this.wrong = '';
    }

    async save(): Promise<void> {
        const before = this.stands;
        const done = await this.#send({ ...this.wanted, seen: before });
        if (done !== null) {
            notices.say('Saved. Customers see it from now on.', {
                words: 'Take this back',
                do: () => void this.#undo(before, done),
            });
        }
    }

    async #undo(before: MoneySettings, done: Done): Promise<void> {
        const back = await this.#send({ ...before, seen: done.settings, takeBack: done.entry });
        if (back !== null) notices.say('It is as it was before.');
    }

    async #send(values: object): Promise<Done | null> {
        this.busy = true;
        try {
            const done = await post<Done>('/studio/catalogue/money', values);
            this.stands = this.wanted = done.settings;
            this.wrong = '';
            return done;
        } catch (error) {
            this.wrong =
                error instanceof Refused
                    ? error.message
                    : 'That did not reach the shop. Nothing was changed; try again.';
            return null;
        } finally {
            this.busy = false;
        }
    }
}
