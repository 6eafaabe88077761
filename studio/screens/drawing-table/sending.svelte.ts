import { get, post, Refused, signedInAgain } from '../../lib/http';
import { freshId } from '../../lib/ids';
import { notices } from '../../lib/notices.svelte';
import type { DraftState, Edit, EditAnswer } from '../../lib/types';
import { Outbox, type Parcel } from './outbox';

const RETRY = 2000;
const NEWS = 5000;

export type Saving = 'saved' | 'saving' | 'waiting' | 'signed-out';

interface Handlers {
    /** The state that a request is made on. */
    revision: () => number;
    /** The live revision, null when not live. */
    live: () => number | null;
    sample: () => number;
    adopt: (answer: EditAnswer, othersWorked: boolean) => Promise<void>;
    /** The server refused; here is the draft as it stands. */
    refused: (error: Refused, parcel: Parcel) => void;
}

/** Sends steps one after another and never drops one: offline it waits, signed out it waits, and a crash leaves them in the outbox. */
export class Sending {
    saving = $state<Saving>('saved');
    others = $state.raw<string[]>([]);
    readonly outbox: Outbox;
    private working: Promise<void> | null = null;
    private waiters: { key: string; resolve: (taken: boolean) => void }[] = [];

    constructor(
        private readonly base: string,
        templateId: number,
        private readonly handlers: Handlers,
    ) {
        this.outbox = new Outbox(templateId);
        void this.recover();
        setInterval(() => void this.news(), NEWS);
    }

    /** Answers whether the step was taken. */
    send(what: Parcel['what'], body: object): Promise<boolean> {
        const parcel: Parcel = { key: freshId(), what, body, base: this.handlers.revision() };
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
            const taken = await this.deliver(parcel);
            this.outbox.done();
            this.waiters.find((waiter) => waiter.key === parcel.key)?.resolve(taken);
            this.waiters = this.waiters.filter((waiter) => waiter.key !== parcel.key);
        }
        this.saving = 'saved';
    }

    private async deliver(parcel: Parcel): Promise<boolean> {
        this.saving = 'saving';
        for (;;) {
            try {
                const before = this.handlers.revision();
                const answer = await post<EditAnswer>(`${this.base}/${parcel.what}`, {
                    ...parcel.body,
                    key: parcel.key,
                    base: parcel.base,
                    window: this.outbox.window,
                    sample: this.handlers.sample(),
                });
                await this.handlers.adopt(answer, answer.revision > before + 1);
                return true;
            } catch (error) {
                if (error instanceof Refused && !error.signedOut && error.status < 500) {
                    this.handlers.refused(error, parcel);
                    return false;
                }
                this.saving = error instanceof Refused && error.signedOut ? 'signed-out' : 'waiting';
                await new Promise((resolve) => setTimeout(resolve, RETRY));
                if (this.saving === 'signed-out') await signedInAgain();
            }
        }
    }

    /** Sends what a window that crashed or was closed had not sent. */
    private async recover(): Promise<void> {
        const parcels = await this.outbox.takeOver();
        if (parcels.length === 0) return;
        for (const parcel of parcels) this.outbox.put(parcel);
        this.work();
        notices.say(
            `${parcels.length === 1 ? 'One step' : `${parcels.length} steps`} that had not reached the server before the window closed ${parcels.length === 1 ? 'was' : 'were'} sent now.`,
        );
    }

    /** What others have done since, and who else is here. */
    private async news(): Promise<void> {
        if (document.hidden || this.working) return;
        const revision = this.handlers.revision();
        try {
            const answer = await get<{ others: string[]; state: DraftState | null }>(
                `${this.base}/news?revision=${revision}&live=${this.handlers.live() ?? ''}&window=${this.outbox.window}`,
            );
            this.others = answer.others;
            if (this.saving === 'signed-out') this.saving = 'saved';
            if (answer.state && !this.working && revision === this.handlers.revision()) {
                await this.handlers.adopt({ ...answer.state, parts: [], css: null }, answer.state.revision !== revision);
            }
        } catch (error) {
            if (error instanceof Refused && error.signedOut) this.saving = (await signedInAgain()) ? 'saved' : 'signed-out';
        }
    }

    static edits(edits: Edit[], gesture?: string, knowingly = false): object {
        return { edits, gesture: gesture ?? null, knowingly };
    }
}
