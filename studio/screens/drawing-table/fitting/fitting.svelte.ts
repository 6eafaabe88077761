import { get, post } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import type { FittingReport } from '../../../lib/types';
import type { Table } from '../table.svelte';

/** What to do about each matter, in the order in which it matters. */
export const MATTERS: { matter: string; title: string; todo: string }[] = [
    {
        matter: 'missing',
        title: 'Something essential is missing',
        todo: 'Put it in from the shelf, or see why it does not appear.',
    },
    { matter: 'doubled', title: 'Something is there twice', todo: 'Take one out, or say when each appears.' },
    {
        matter: 'empty',
        title: 'Comes out empty',
        todo: 'Fill it for these pages, or let it appear only where there is something. The shop leaves it out.',
    },
    { matter: 'no-picture', title: 'Without a picture', todo: 'Give these a picture.' },
    {
        matter: 'otherwise',
        title: 'The otherwise is used',
        todo: 'Read it with one of these pages, or fill what is missing.',
    },
    {
        matter: 'too-long',
        title: 'Longer than its place',
        todo: 'Make the letters smaller, the column wider, or the words shorter.',
    },
    { matter: 'too-wide', title: 'Wider than a phone', todo: 'Make the letters smaller on the phone.' },
    {
        matter: 'heading-order',
        title: 'Headings out of order',
        todo: 'Choose other heading levels: one of level 1, and none left out.',
    },
    {
        matter: 'same-title',
        title: 'The same title for search engines',
        todo: 'Tell the pages apart: give each a title of its own in the catalogue, or let the template’s title take something from the page.',
    },
    {
        matter: 'no-words',
        title: 'No words for search engines',
        todo: 'Write a short description in the catalogue, or words for search engines on the page itself, with an “otherwise”.',
    },
    { matter: 'unreplaced', title: 'Words that nobody has replaced', todo: 'Type your own, or take them out.' },
];

/** The fitting of the draft as it stands; asked again whenever the draft has changed. */
export class Fitting {
    report = $state.raw<FittingReport | null>(null);
    /** Whether it could not be asked for: a notice said so. */
    gaveUp = $state(false);
    private asked = 0;

    constructor(private readonly table: Table) {}

    async begin(): Promise<void> {
        const mine = ++this.asked;
        try {
            let report = await (this.table.mayEdit ? post<FittingReport> : get<FittingReport>)(
                `${this.table.base}/fitting`,
            );
            while (mine === this.asked) {
                this.report = report;
                if (report.state !== 'running') return;
                await new Promise((resolve) => setTimeout(resolve, 600));
                report = await get<FittingReport>(`${this.table.base}/fitting`);
            }
        } catch (error) {
            this.gaveUp = true;
            notices.trouble(error);
        }
    }

    leave(): void {
        this.asked++;
    }
}
