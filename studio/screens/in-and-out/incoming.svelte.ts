import { Errand } from '../../lib/errand.svelte';
import { post, upload } from '../../lib/http';
import { freshId } from '../../lib/ids';
import { notices } from '../../lib/notices.svelte';
import { counted, number } from '../../lib/words';
import type { BroughtFile, CatalogueSaved, ErrandState, RowWrong, RowsGiven, RowsPreview } from '../../lib/types';
import { takenBack } from './takenBack';
import { MOST_ROWS, asRows, isWorkbook, sheetsOf, type WorkbookSheet } from './workbook';

/** Whether something was changed: the catalogue, or what is pinned. */
export const isDone = ({ entry, release }: RowsPreview): boolean => entry > 0 || release > 0;

/** A file that was brought: what it is, what it would change, and what is to be done about its rows. */
export class Incoming {
    file = $state('');
    name = $state('');
    /** Of a workbook, which sheet is read. */
    read = $state('');
    preview = $state.raw<RowsPreview | null>(null);
    sheets = $state.raw<WorkbookSheet[]>([]);
    columns = $state.raw<Record<string, string>>({});
    numbers = $state('');
    days = $state('');
    emptied = $state(false);
    leaps = $state(false);
    good = $state(true);
    /** Line, place of the cell, what stands there instead; null: the row is left out. */
    mended = $state.raw<Record<number, Record<number, string> | null>>({});
    busy = $state('');
    /** What is wished stays as it is until it is taken. */
    isTaking = $state(false);
    taken = $state.raw<RowsPreview | null>(null);
    readonly errand = new Errand();
    private original: File | null = null;
    private asking = 0;

    async bring(file: File): Promise<void> {
        this.sheets = [];
        this.original = file;
        if (!(await isWorkbook(file))) return this.send(file, file.name);
        this.busy = 'Reading the workbook…';
        try {
            const sheets = await sheetsOf(file);
            this.busy = '';
            if (sheets.length === 0) return notices.warn('This workbook is empty. Nothing was changed.');
            if (sheets.length > 1) {
                this.sheets = sheets;
                return;
            }
            await this.sheet(sheets[0] as WorkbookSheet);
        } catch {
            this.busy = '';
            notices.warn(
                'This workbook cannot be read: it may be cut off or kept with a password. Save it as CSV and bring that.',
            );
        }
    }

    async sheet(sheet: WorkbookSheet): Promise<void> {
        this.sheets = [];
        if (sheet.rows.length > MOST_ROWS)
            return notices.warn(
                `This sheet has ${counted(sheet.rows.length, 'row')}. A browser reads ${number(MOST_ROWS)} of a workbook: save it as CSV and bring that.`,
            );
        const name = this.original?.name ?? 'workbook';
        await this.send(new File([asRows(sheet)], 'rows.csv', { type: 'text/csv' }), name);
        this.read = `read as a workbook, sheet “${sheet.name}” · `;
    }

    async paste(text: string): Promise<void> {
        this.sheets = [];
        [this.name, this.read] = ['', ''];
        await this.call(post<BroughtFile | ErrandState>('/studio/in-and-out', { text }));
    }

    setColumn(called: string, is: string): Promise<void> {
        const now = {
            ...Object.fromEntries((this.preview?.columns ?? []).map((one) => [one.called, one.is])),
            ...this.columns,
        };
        // What it was is free again: a thing has one column.
        for (const [other, was] of Object.entries(now)) if (was === is) now[other] = '';
        this.columns = { ...now, [called]: is };
        return this.look();
    }

    mend(wrong: RowWrong, text: string): Promise<void> {
        this.mended = { ...this.mended, [wrong.line]: { ...this.mended[wrong.line], [wrong.at]: text } };
        return this.look();
    }

    leaveOut(line: number): Promise<void> {
        this.mended = { ...this.mended, [line]: null };
        return this.look();
    }

    /** What it would change, read as it is wished now. */
    look(): Promise<void> {
        return this.call(post<BroughtFile | ErrandState>(`/studio/in-and-out/${this.file}/look`, this.wishes()));
    }

    take(): Promise<void> {
        return this.finish(
            this.errand.answer(post<BroughtFile | ErrandState>(`/studio/in-and-out/${this.file}/take`, this.wishes())),
        );
    }

    /** What was asked for before this window was loaded: what came of it is shown, or waited for. */
    async resume(errand: string, given: RowsGiven): Promise<void> {
        // Of a new file it is not known yet what its columns were the last time: its answer says that.
        this.file = given.isNew ? '' : given.file;
        this.name = given.name;
        this.numbers = given.numbers;
        this.days = given.days;
        this.emptied = given.emptied;
        this.leaps = given.leaps;
        this.good = given.good || !given.take;
        this.columns = given.columns;
        this.mended = given.mended;
        const answer = this.errand.again<BroughtFile>(errand);
        await (given.take ? this.finish(answer) : this.call(answer));
    }

    async back({ entry, release }: RowsPreview): Promise<void> {
        try {
            const saved = await post<Pick<CatalogueSaved, 'left' | 'leftCount'>>('/studio/in-and-out/take-back', {
                entry,
                release,
                key: freshId(),
            });
            notices.say(takenBack(saved));
            this.taken = null;
        } catch (error) {
            notices.trouble(error);
        }
    }

    leave(): void {
        this.preview = null;
        this.taken = null;
        this.sheets = [];
        this.file = '';
    }

    private send(file: File, name: string): Promise<void> {
        this.name = name;
        this.read = '';
        return this.call(upload<BroughtFile | ErrandState>('/studio/in-and-out', 'file', file));
    }

    private wishes(): object {
        return {
            name: this.name,
            columns: this.columns,
            numbers: this.numbers || null,
            days: this.days || null,
            emptied: this.emptied,
            leaps: this.leaps,
            good: this.good,
            mended: this.mended,
        };
    }

    private async finish(answer: Promise<BroughtFile>): Promise<void> {
        this.busy = 'Taking it over…';
        this.isTaking = true;
        try {
            const done = await answer;
            this.taken = done.preview;
            this.preview = null;
            notices.say(
                isDone(done.preview)
                    ? `${counted(done.preview.changed, 'row')} taken over.`
                    : 'The shop is as the file says: nothing was changed.',
                ...(isDone(done.preview) ? [{ words: 'Take this back', do: () => void this.back(done.preview) }] : []),
            );
        } catch (error) {
            notices.trouble(error);
        }
        this.busy = '';
        this.isTaking = false;
    }

    private async call(asked: Promise<BroughtFile | ErrandState>): Promise<void> {
        const mine = ++this.asking;
        // What nobody waits for any more is not read to its end.
        void this.errand.stop().catch(() => null);
        this.busy = 'Reading…';
        try {
            const brought = await this.errand.answer(asked);
            // Something else was wished meanwhile: its answer is on its way.
            if (mine !== this.asking) return;
            if (brought.file !== this.file) {
                this.file = brought.file;
                this.name ||= brought.name;
                this.mended = {};
                this.numbers = '';
                this.days = '';
                this.leaps = false;
                this.taken = null;
                this.columns = Object.fromEntries(
                    brought.preview.columns.filter((one) => one.remembered).map((one) => [one.called, one.is]),
                );
            }
            this.preview = brought.preview;
        } catch (error) {
            if (mine === this.asking) notices.trouble(error);
        }
        if (mine === this.asking) this.busy = '';
    }
}
