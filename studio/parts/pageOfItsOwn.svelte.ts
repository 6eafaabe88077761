import { post } from '../lib/http';
import { notices } from '../lib/notices.svelte';

/** A template for one page alone, as that page is today; one that is there already is opened. */
export class OwnPage {
    busy = $state(false);

    async open(pageKind: string, subject: number): Promise<void> {
        this.busy = true;
        try {
            const { address } = await post<{ address: string }>('/studio/templates/own', { pageKind, subject });
            location.assign(address);
        } catch (error) {
            notices.trouble(error);
            this.busy = false;
        }
    }
}
