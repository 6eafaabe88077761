import { counted } from '../../../lib/words';
import { get, post, Refused, signedInAgain } from '../../../lib/http';
import { freshId } from '../../../lib/ids';
import { notices } from '../../../lib/notices.svelte';
import type { DraftState, Edit, EditAnswer } from '../../../lib/types';
import { editsOf, Outbox, type Author, type Kept, type Parcel } from './outbox';

const RETRY = 2000;
const NEWS = 4000;

export type Saving = 'saved' | 'saving' | 'waiting' | 'failing' | 'signed-out' | 'kept';

export interface Handlers {
    /** The state that a request is made on. */
    revision: () => number;
    /** The live revision, null when not live. */
    live: () => number | null;
    sample: () => number;
    /** The template on whose canvas a card is seen; 0 where it is not on another one's. */
    on: () => number;
    adopt: (answer: EditAnswer, othersWorked: boolean) => Promise<void>;
    /** The server refused; here is the draft as it stands. */
    refused: (error: Refused, parcel: Parcel) => void;
}

/**
 * Sends steps one after another and never drops one: offline it waits, signed out it waits, a crash leaves them in the
 * outbox, and what the server does not take is kept there until somebody decides.
 */
export class Sending {
    others = $state.raw<string[]>([]);
    /** What could not be stored. */
    kept = $state.raw<Kept[]>([]);
    /** Whether the browser keeps what has not reached the server. */
    keeps = $state(true);
    readonly outbox: Outbox;
    private now = $state<Exclude<Saving, 'kept'>>('saved');
    private working: Promise<void> | null = null;
    private waiters: { key: string; resolve: (taken: boolean) => void }[] = [];

    constructor(
        private readonly base: string,
        templateId: number,
        private readonly author: Author,
        private readonly handlers: Handlers,
    ) {
        this.outbox = new Outbox(templateId, undefined, undefined, (works) => (this.keeps = works));
        void this.recover();
        window.addEventListener('pagehide', () => this.outbox.close());
        window.addEventListener('beforeunload', (event) => {
            if (!this.keeps && this.outbox.length > 0) event.preventDefault();
        });
        setInterval(() => void this.news(), NEWS);
    }

    get saving(): Saving {
        return this.now === 'saved' && this.kept.length > 0 ? 'kept' : this.now;
    }

    /** When everything that is on its way has been answered. */
    get idle(): Promise<void> {
        return this.working ?? Promise.resolve();
    }

    /** Answers whether the step was taken. */
    send(what: Parcel['what'], body: object, base = this.handlers.revision()): Promise<boolean> {
        return this.post({ key: freshId(), what, body, base, author: this.author });
    }

    /**
     * Edits of a setting that two have set differently wait for the decision, whatever else is typed there.
     *
     * @param base the revision on which it was begun, where that is not the one of now
     */
    edit(edits: Edit[], format: number, gesture?: string, knowingly = false, base?: number): Promise<boolean> {
        const free = knowingly ? edits : this.outbox.hold(edits);
        this.kept = this.outbox.kept;
        if (free.length === 0) return Promise.resolve(false);
        return this.send('edits', { edits: free, format, gesture: gesture ?? null, knowingly }, base);
    }

    /** Sends what was kept once more, under one's own name; for a conflict that decides for it. */
    async again(kept: Kept[]): Promise<void> {
        this.letGo(kept);
        for (const { why, words, ...parcel } of kept) {
            void words;
            const body = { ...parcel.body, knowingly: why === 'conflict' };
            await this.post({ ...parcel, key: freshId(), body, base: this.handlers.revision(), author: this.author });
        }
    }

    letGo(kept: Kept[]): void {
        this.outbox.release(kept.map((one) => one.key));
        this.kept = this.outbox.kept;
    }

    private post(parcel: Parcel): Promise<boolean> {
        const taken = new Promise<boolean>((resolve) => this.waiters.push({ key: parcel.key, resolve }));
        this.outbox.put(parcel);
        this.work();
        return taken;
    }

    private work(): void {
        this.working ??= this.empty().finally(() => (this.working = null));
    }

    private async empty(): Promise<void> {
        for (let parcel = this.outbox.first; parcel; parcel = this.outbox.first) {
            const key = parcel.key;
            const taken = await this.deliver(parcel);
            this.outbox.done();
            this.kept = this.outbox.kept;
            this.waiters.find((waiter) => waiter.key === key)?.resolve(taken);
            this.waiters = this.waiters.filter((waiter) => waiter.key !== key);
        }
        this.now = 'saved';
    }

    private async deliver(parcel: Parcel): Promise<boolean> {
        this.now = 'saving';
        for (;;) {
            try {
                const before = this.handlers.revision();
                const answer = await post<EditAnswer>(`${this.base}/${parcel.what}`, {
                    ...parcel.body,
                    key: parcel.key,
                    base: parcel.base,
                    author: parcel.author.id,
                    window: this.outbox.window,
                    sample: this.handlers.sample(),
                    on: this.handlers.on(),
                });
                this.outbox.supersede(parcel);
                await this.handlers.adopt(answer, answer.revision > before + 1);
                return true;
            } catch (error) {
                if (!(error instanceof Refused)) this.now = 'waiting';
                else if (error.signedOut) this.now = 'signed-out';
                else if (error.status >= 500 || error.status === 429) this.now = 'failing';
                else {
                    this.keep(parcel, error);
                    this.handlers.refused(error, parcel);
                    return false;
                }
                await new Promise((resolve) => setTimeout(resolve, RETRY));
                if (this.now === 'signed-out') await signedInAgain();
            }
        }
    }

    private keep(parcel: Parcel, error: Refused): void {
        if (editsOf(parcel).length === 0) return;
        const conflict = typeof error.body.conflict === 'string';
        const why = error.body.otherAuthor === true ? 'other-author' : conflict ? 'conflict' : 'refused';
        this.outbox.keep({ ...parcel, why, words: error.message });
    }

    /** Sends what a window that crashed or was closed had not sent; what is somebody else's waits for them. */
    private async recover(): Promise<void> {
        const parcels = await this.outbox.takeOver();
        const mine = parcels.filter((parcel) => (parcel.author?.id ?? this.author.id) === this.author.id);
        for (const parcel of parcels) {
            if (mine.includes(parcel)) this.outbox.put({ ...parcel, author: this.author });
            else this.outbox.keep({ ...parcel, why: 'other-author', words: '' });
        }
        this.kept = this.outbox.kept;
        if (mine.length === 0) return;
        this.work();
        notices.say(
            `${counted(mine.length, 'step that had not reached the server before the window closed was', 'steps that had not reached the server before the window closed were')} sent now.`,
        );
    }

    /** What others have done since, what was published, and who else is here. */
    async news(): Promise<void> {
        if (document.hidden || this.working) return;
        const revision = this.handlers.revision();
        try {
            const answer = await get<{ others: string[]; state: DraftState | null }>(
                `${this.base}/news?revision=${revision}&live=${this.handlers.live() ?? ''}&window=${this.outbox.window}`,
            );
            this.others = answer.others;
            if (this.now === 'signed-out') this.now = 'saved';
            if (answer.state && !this.working && revision === this.handlers.revision()) {
                await this.handlers.adopt(
                    { ...answer.state, parts: [], css: null, styles: {}, notice: null },
                    answer.state.revision !== revision,
                );
            }
        } catch (error) {
            if (error instanceof Refused && error.signedOut)
                this.now = (await signedInAgain()) ? 'saved' : 'signed-out';
        }
    }
}
