import { post } from './http';
import { freshId } from './ids';
import { notices } from './notices.svelte';
import type { Impact, ReleaseRow } from './types';

/** Something that changes the shop: what it would do is asked for first. */
export interface Deed {
    words: string;
    address: string;
    body: object;
    /** Where it was asked for: the answer opens there. */
    at?: string;
}

/** Asks what a deed would do, and does it. */
export class Deeds {
    asked = $state.raw<{ deed: Deed; impact: Impact & { every?: string | null } } | null>(null);
    busy = $state(false);
    /** The same for every try at what was asked. */
    private key = '';

    /** @param done what the screen does once it is done */
    constructor(private readonly done: (release: ReleaseRow, deed: Deed) => void) {}

    async ask(deed: Deed): Promise<void> {
        try {
            this.key = freshId();
            this.asked = {
                deed,
                impact: await post<Impact & { every?: string | null }>(deed.address, { ...deed.body, ask: true }),
            };
        } catch (error) {
            notices.trouble(error);
        }
    }

    async go(): Promise<void> {
        if (!this.asked || this.busy) return;
        const { deed } = this.asked;
        this.busy = true;
        try {
            const release = await post<ReleaseRow>(deed.address, { ...deed.body, key: this.key });
            this.asked = null;
            this.done(release, deed);
        } catch (error) {
            notices.trouble(error);
        }
        this.busy = false;
    }

    leave(): void {
        this.asked = null;
    }
}

/** Takes a release back; answers whether it was. */
export async function takeBack(release: number): Promise<boolean> {
    try {
        await post(`/studio/releases/${release}/bring-back`, { key: freshId() });
        return true;
    } catch (error) {
        notices.trouble(error);
        return false;
    }
}
