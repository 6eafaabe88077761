import { get } from '../lib/http';
import { notices } from '../lib/notices.svelte';
import type { Ladder } from '../lib/types';

/** Why a page looks as it does, now or as on another day. */
export class Why {
    ladder = $state.raw<Ladder | null>(null);
    at = $state('');

    constructor(first: Ladder | null = null) {
        this.ladder = first;
    }

    async look(pageKind: string, page: number): Promise<void> {
        try {
            this.ladder = await get<Ladder>(`/studio/ladder/${pageKind}/${page}${this.at ? `?at=${this.at}` : ''}`);
        } catch (error) {
            notices.trouble(error);
        }
    }
}
