import { Errand } from '../../lib/errand.svelte';
import { post, Refused, upload } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import type { CatalogueSaved, ErrandState, WholeFile, WholeGiven } from '../../lib/types';
import { takenBack } from './takenBack';

/** Whether a file holds more than rows, by its name. */
export const isWhole = (file: File): boolean => /\.(zip|json|jsonld)$/i.test(file.name);

/** A file that holds more than rows: the whole shop, linked products, a template, a house style. */
export class Whole {
    seen = $state.raw<WholeFile | null>(null);
    done = $state.raw<WholeFile | null>(null);
    over = $state(false);
    gone = $state(false);
    leaps = $state(false);
    reach = $state(false);
    busy = $state('');
    /** What is wished stays as it is until it is taken. */
    isTaking = $state(false);
    readonly errand = new Errand();
    private asking = 0;

    async bring(file: File): Promise<void> {
        this.leave();
        await this.call('Reading…', upload<WholeFile | ErrandState>('/studio/in-and-out/whole', 'file', file));
    }

    /** What it would change, read as it is wished now. */
    async look(): Promise<void> {
        await this.call('Reading…', this.ask(false));
    }

    async take(): Promise<void> {
        await this.finish(this.ask(true));
    }

    /** What was asked for before this window was loaded: what came of it is shown, or waited for. */
    async resume(errand: string, given: WholeGiven): Promise<void> {
        [this.over, this.gone, this.leaps, this.reach] = [given.over, given.delete, given.leaps, given.reach];
        const answer = this.errand.again<WholeFile>(errand);
        await (given.take ? this.finish(answer) : this.call('Reading…', answer));
    }

    private async finish(answer: Promise<WholeFile | ErrandState>): Promise<void> {
        this.isTaking = true;
        const isAnswered = await this.call('Taking it over…', answer);
        this.isTaking = false;
        if (!isAnswered || this.seen === null || this.seen.problems.length > 0) return;
        this.done = this.seen;
        this.seen = null;
    }

    async back(entry: number): Promise<void> {
        try {
            notices.say(takenBack(await post<CatalogueSaved>(`/studio/catalogue/entries/${entry}/take-back`)));
            this.done = null;
        } catch (error) {
            notices.trouble(error);
        }
    }

    leave(): void {
        this.seen = null;
        this.done = null;
        [this.over, this.gone, this.leaps, this.reach] = [false, false, false, false];
    }

    private ask(take: boolean): Promise<WholeFile | ErrandState> {
        const { file, name } = this.seen ?? { file: '', name: '' };
        return post<WholeFile | ErrandState>(`/studio/in-and-out/whole/${file}`, {
            name,
            take,
            over: this.over,
            delete: this.gone,
            leaps: this.leaps,
            reach: this.reach,
        });
    }

    /** Whether the server said what it would do, or did; what was wished since has an answer of its own on its way. */
    private async call(words: string, asked: Promise<WholeFile | ErrandState>): Promise<boolean> {
        const mine = ++this.asking;
        this.busy = words;
        let said: WholeFile | null = null;
        try {
            said = await this.errand.answer(asked);
        } catch (error) {
            // What is wrong in it stands beside its file.
            if (error instanceof Refused && error.status === 409) said = error.body as unknown as WholeFile;
            else notices.trouble(error);
        }
        if (mine !== this.asking) return false;
        if (said) this.seen = said;
        this.busy = '';
        return said !== null;
    }
}
