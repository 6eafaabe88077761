import { post, remove } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { Table } from '../table.svelte';
import type { KeptPart } from '../tree/types';

interface Shelf {
    parts: KeptPart[];
}

/** Keeping what is selected for other pages, and letting go of what was kept. */
export class Keeping {
    name = $state('');
    wrong = $state('');

    constructor(private readonly table: Table) {}

    async keep(): Promise<void> {
        try {
            const { parts } = await post<Shelf>('/studio/parts', { name: this.name, node: this.table.selection.node });
            this.table.parts = parts;
            this.table.open = null;
            notices.say(`“${this.name}” stands on the shelf under Kept now, for every page.`);
            this.name = this.wrong = '';
        } catch (error) {
            this.wrong = error instanceof Error ? error.message : String(error);
        }
    }

    async letGo(part: KeptPart): Promise<void> {
        try {
            ({ parts: this.table.parts } = await remove<Shelf>(`/studio/parts/${part.id}`));
            notices.say(`“${part.name}” is off the shelf. Copies of it stay where they are.`, {
                words: 'Take this back',
                do: () => void this.back(part),
            });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async back(part: KeptPart): Promise<void> {
        try {
            ({ parts: this.table.parts } = await post<Shelf>(`/studio/parts/${part.id}/back`));
        } catch (error) {
            notices.trouble(error);
        }
    }
}
