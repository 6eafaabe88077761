import { get, post } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { PrivateLink } from '../../../lib/types';
import type { Table } from '../table.svelte';

/** The private links to one template's draft. */
export class Links {
    links = $state.raw<PrivateLink[] | null>(null);
    address = $state('');
    days = $state(7);
    copied = $state(false);

    constructor(private readonly table: Table) {
        void this.load();
    }

    async load(): Promise<void> {
        try {
            ({ links: this.links } = await get<{ links: PrivateLink[] }>(`${this.table.base}/links`));
        } catch (error) {
            notices.trouble(error);
        }
    }

    async make(): Promise<void> {
        try {
            const made = await post<{ address: string; links: PrivateLink[] }>(`${this.table.base}/links`, {
                days: this.days,
                sample: this.table.sample?.id ?? 0,
            });
            this.links = made.links;
            this.address = location.origin + made.address;
            this.copied = false;
        } catch (error) {
            notices.trouble(error);
        }
    }

    async withdraw(link: PrivateLink): Promise<void> {
        try {
            ({ links: this.links } = await post<{ links: PrivateLink[] }>(
                `${this.table.base}/links/${link.id}/withdraw`,
            ));
            notices.say('The link shows nothing any more.');
        } catch (error) {
            notices.trouble(error);
        }
    }

    async copy(): Promise<void> {
        await navigator.clipboard.writeText(this.address);
        this.copied = true;
    }
}
