import { get } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { Table } from '../table.svelte';

interface Answer {
    live: boolean;
    differences: { id: string; words: string }[];
}

/** What is different between the draft and what is live. */
export class Comparing {
    answer = $state.raw<Answer | null>(null);

    constructor(private readonly table: Table) {}

    async look(): Promise<void> {
        try {
            this.answer = await get<Answer>(`${this.table.base}/differences`);
        } catch (error) {
            notices.trouble(error);
        }
    }
}
