import { get } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { RuleTerms } from '../../lib/types';

/** What rules about products can be made of, asked for where a page about something else needs it. */
export class ProductTerms {
    known = $state.raw<RuleTerms | null>(null);

    async learn(): Promise<void> {
        try {
            this.known = await get<RuleTerms>('/studio/catalogue/rule');
        } catch (error) {
            notices.trouble(error);
        }
    }
}
