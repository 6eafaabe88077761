import { get, post } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { counted } from '../../lib/words';
import type { ListRow, PastedAnswer, SelectionState } from '../../lib/types';

/** The list that is selected from, as far as a selection asks for it. */
interface Listed {
    readonly rows: Record<number, ListRow>;
    readonly words: { one: string; many: string };
    readonly address: string;
    readonly selects: boolean;
    mark(places: number[], on: boolean): void;
    again(): Promise<void>;
}

type How = 'all' | 'none' | 'allBut' | 'nothing' | 'undo';

/**
 * What is selected in a list. It is kept by the server: this window shows it, and looks again when it is come back to
 * or when another window of the same browser has changed it.
 */
export class Selecting {
    state = $state.raw<SelectionState>({ count: 0, gone: 0, revision: 0, undo: false });
    busy = $state(false);
    /** The place that a range begins at. */
    private anchor = 0;
    private readonly others = new BroadcastChannel('vestibra-selection');
    private turn: Promise<unknown> = Promise.resolve();

    constructor(
        private readonly list: Listed,
        state: SelectionState | null,
    ) {
        if (state) this.state = state;
        this.others.onmessage = () => void this.look();
        document.addEventListener('visibilitychange', () => {
            if (document.visibilityState === 'visible') void this.look();
        });
    }

    note(state: SelectionState): void {
        if (state.revision >= this.state.revision) this.state = state;
    }

    /** One row; with `range` all from the row that was ticked last. */
    tick(at: number, on: boolean, range: boolean): Promise<void> {
        const from = Math.min(this.anchor, at);
        const to = Math.max(this.anchor, at);
        this.anchor = at;
        if (range && from < to) return this.range(from, to, on);
        const row = this.list.rows[at];
        if (!row) return Promise.resolve();
        this.list.mark([at], on);
        return this.send('tick', { ids: [row.id], on }, false);
    }

    range(from: number, to: number, on: boolean): Promise<void> {
        const places = Array.from({ length: to - from + 1 }, (_, at) => from + at);
        const ends = [this.list.rows[from]?.id, this.list.rows[to]?.id].filter((id) => id !== undefined);
        this.list.mark(places, on);
        return this.send('range', { from, to, ends, on }, false);
    }

    all(how: How): Promise<void> {
        return this.send('all', { how }, true);
    }

    async nothing(): Promise<void> {
        const { count } = this.state;
        await this.all('nothing');
        if (this.state.count === 0)
            notices.say(`${counted(count, this.list.words.one, this.list.words.many)} no longer selected.`, {
                words: 'select them again',
                do: () => void this.all('undo'),
            });
    }

    async paste(text: string): Promise<PastedAnswer | null> {
        try {
            const answer = await post<PastedAnswer>(`/studio/who/selection/paste?${this.list.address}`, { text });
            this.changed(answer.selection);
            await this.list.again();
            return answer;
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }

    /** What another window has changed is shown here too. */
    async look(): Promise<void> {
        if (!this.list.selects) return;
        try {
            const state = await get<SelectionState>(`/studio/who/selection?${this.list.address}`);
            if (state.revision === this.state.revision) return;
            this.state = state;
            await this.list.again();
        } catch {
            // It is shown with the next answer.
        }
    }

    /** What was ticked has arrived. */
    settled(): Promise<unknown> {
        return this.turn;
    }

    /** One after another, so that what is ticked quickly arrives in order. */
    private send(deed: string, body: object, anew: boolean): Promise<void> {
        const send = async (): Promise<void> => {
            this.busy = true;
            try {
                this.changed(await post<SelectionState>(`/studio/who/selection/${deed}?${this.list.address}`, body));
                if (anew) await this.list.again();
            } catch (error) {
                notices.trouble(error);
                await this.list.again();
            }
            this.busy = false;
        };
        const done = this.turn.then(send);
        this.turn = done;
        return done;
    }

    private changed(state: SelectionState): void {
        this.state = state;
        this.others.postMessage(state.revision);
    }
}
