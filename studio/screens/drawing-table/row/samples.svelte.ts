import { get } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { Sample } from '../../../lib/types';
import type { Table } from '../table.svelte';
import type { SamplePage } from '../tree/types';

/** The row of samples: what was found, in pages, and always the one the page is seen with. */
export class Samples {
    samples = $state.raw<Sample[]>([]);
    total = $state(0);
    more = $state(false);
    query = $state('');
    private page = 1;
    private asked = 0;

    constructor(private readonly table: Table) {
        this.samples = this.withChosen(table.samples.samples);
        this.total = table.samples.total;
        this.more = table.samples.more;
    }

    next(): Promise<void> {
        return this.load(this.page + 1);
    }

    async load(wanted = 1): Promise<void> {
        const mine = ++this.asked;
        const lacking = this.table.lacking;
        const words = this.query;
        const plain = words === '' && !lacking;
        try {
            const without = lacking ? `&lacking=${lacking.source}&of=${lacking.of ?? ''}` : '';
            const answer = await get<SamplePage>(
                `${this.table.page.base}/samples?q=${encodeURIComponent(words)}&page=${wanted}${without}`,
            );
            if (mine !== this.asked) return;
            if (wanted > 1) this.samples = [...this.samples, ...answer.samples];
            else this.samples = plain ? this.withChosen(answer.samples) : answer.samples;
            if (wanted === 1 && plain) this.table.samples = answer;
            this.total = answer.total;
            this.more = answer.more;
            this.page = wanted;
        } catch (error) {
            notices.trouble(error);
        }
    }

    private withChosen(found: Sample[]): Sample[] {
        const chosen = this.table.sample;
        return chosen && !found.some((sample) => sample.id === chosen.id) ? [chosen, ...found] : found;
    }
}
