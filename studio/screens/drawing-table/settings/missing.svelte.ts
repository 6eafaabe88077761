import { get } from '../../../lib/http';
import type { Source } from '../../../lib/types';

interface Count {
    missing: number;
    of: number;
}

/** On how many of a template's pages a source has nothing to give. */
export class Missing {
    count = $state.raw<Count | null>(null);
    private asked = 0;

    async ask(base: string, source: Source | null): Promise<void> {
        const mine = ++this.asked;
        this.count = null;
        if (!source) return;
        try {
            const answer = await get<Count>(`${base}/missing?lacking=${source.source}&of=${source.of ?? ''}`);
            if (mine === this.asked) this.count = answer;
        } catch {
            // The count is a help; without it the setting works all the same.
        }
    }
}
