import type { DraftState, Drawing } from '../../../lib/types';
import type { Author } from './outbox';
import { Sending, type Handlers } from './sending.svelte';

/** One template that is being drawn, with what is on its way to the server: the page, or a card on it. */
export class Drawn {
    draft = $state.raw<DraftState>({} as DraftState);
    readonly sending: Sending;

    constructor(
        readonly data: Drawing,
        author: Author,
        handlers: (drawn: Drawn) => Omit<Handlers, 'revision' | 'live'>,
    ) {
        this.draft = data.state;
        this.sending = new Sending(this.base, data.template.id, author, {
            revision: () => this.draft.revision,
            live: () => this.draft.liveRevision,
            ...handlers(this),
        });
    }

    get base(): string {
        return `/studio/templates/${this.data.template.id}`;
    }

    get isCard(): boolean {
        return this.data.template.role === 'card';
    }
}
