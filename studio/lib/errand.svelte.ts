import { get, post } from './http';
import { counted, number } from './words';
import type { ErrandState } from './types';

const FIRST_WAIT = 150;
const LONGEST_WAIT = 1000;

const isState = (answer: object): answer is ErrandState => 'errand' in answer && 'progress' in answer;

/** Something that may take long and that the server goes on with: how far it is, until it is done or stopped. */
export class Errand {
    /** Where nothing is under way: null. */
    state = $state.raw<ErrandState | null>(null);
    isStopping = $state(false);

    /** How far it is, in words; empty while that is not known. */
    get words(): string {
        const { what, done, all } = this.state?.progress ?? { what: '', done: 0, all: 0 };
        if (what === '' || done + all === 0) return '';
        return what === 'made' ? `${number(done)} of ${counted(all, 'part')}` : `${counted(done, 'row')} looked at`;
    }

    /** Waits for what came of it. Throws as `post` does where it was refused. */
    async answer<Answer extends object>(asked: Promise<Answer | ErrandState>): Promise<Answer> {
        try {
            let answer = await asked;
            for (let wait = FIRST_WAIT; isState(answer); wait = Math.min(LONGEST_WAIT, wait * 1.5)) {
                this.state = answer;
                await new Promise((resolve) => setTimeout(resolve, wait));
                answer = await this.look<Answer>(answer);
            }
            return answer;
        } finally {
            this.state = null;
            this.isStopping = false;
        }
    }

    /** Waits for one that was begun in another window, or before this one was loaded. */
    again<Answer extends object>(errand: string): Promise<Answer> {
        return this.answer<Answer>(get<Answer | ErrandState>(`/studio/errands/${errand}`));
    }

    async stop(): Promise<void> {
        if (!this.state) return;
        this.isStopping = true;
        await post(`/studio/errands/${this.state.errand}/stop`);
    }

    /** The server goes on whether it is reached or not. */
    private async look<Answer extends object>(state: ErrandState): Promise<Answer | ErrandState> {
        try {
            return await get<Answer | ErrandState>(`/studio/errands/${state.errand}`);
        } catch (error) {
            if (error instanceof TypeError) return state;
            throw error;
        }
    }
}
