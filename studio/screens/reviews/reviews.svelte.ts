import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { Review, ReviewPage } from '../../lib/types';

type State = Review['state'];

const SAID: Record<State, string> = {
    read: 'It stands in the shop now.',
    refused: 'It is kept here and not shown.',
    waiting: 'It waits again.',
};

/** Reviews of one state, a page at a time, and what is decided of them. */
export class Reviews {
    rows = $state.raw<Review[]>([]);
    more = $state(false);
    shown = $state<State>('waiting');
    private page = 1;

    constructor(first: ReviewPage) {
        ({ rows: this.rows, more: this.more } = first);
    }

    async load(state: State, page = 1): Promise<void> {
        try {
            const answer = await get<ReviewPage>(`/studio/reviews/rows?state=${state}&page=${page}`);
            this.rows = page === 1 ? answer.rows : [...this.rows, ...answer.rows];
            this.more = answer.more;
            this.shown = state;
            this.page = page;
        } catch (error) {
            notices.trouble(error);
        }
    }

    next(): Promise<void> {
        return this.load(this.shown, this.page + 1);
    }

    async decide(review: Review, state: State): Promise<void> {
        try {
            await post(`/studio/reviews/${review.id}`, { state, seen: { state: review.state } });
            this.rows = this.rows.filter((one) => one.id !== review.id);
            notices.say(SAID[state], { words: 'Undo', do: () => void this.undo(review) });
        } catch (error) {
            notices.trouble(error);
        }
    }

    private async undo(review: Review): Promise<void> {
        try {
            await post(`/studio/reviews/${review.id}`, { state: review.state });
            await this.load(this.shown);
        } catch (error) {
            notices.trouble(error);
        }
    }
}
