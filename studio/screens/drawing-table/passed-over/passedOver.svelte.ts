import { get } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { PassedOverStep } from '../../../lib/types';
import type { Table } from '../table.svelte';

interface Answer {
    steps: PassedOverStep[];
    more: boolean;
}

/** What undo and redo passed over, and what each step would take from whom. */
export class PassedOver {
    answer = $state.raw<Answer | null>(null);
    private asked = 0;

    constructor(private readonly table: Table) {}

    /** From the newest on, as far as it was looked at. */
    async look(): Promise<void> {
        await this.load(0, []);
    }

    async more(): Promise<void> {
        const { steps } = this.answer ?? { steps: [] };
        await this.load(steps.at(-1)?.id ?? 0, steps);
    }

    async takeBack(step: PassedOverStep): Promise<void> {
        if (!(await this.table.sending.send('after-all', { step: step.id }))) return;
        notices.say(step.undoes ? `“${step.words}” is taken back.` : `“${step.words}” is done again.`, {
            words: 'Take this back',
            do: () => void this.table.redo(),
        });
    }

    private async load(before: number, shown: PassedOverStep[]): Promise<void> {
        const asked = ++this.asked;
        try {
            const answer = await get<Answer>(`${this.table.base}/passed-over?before=${before}`);
            if (asked === this.asked) this.answer = { ...answer, steps: [...shown, ...answer.steps] };
        } catch (error) {
            notices.trouble(error);
        }
    }
}
