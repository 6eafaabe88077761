import { widthsFrom } from '../../generated/names';
import type { Refused } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { painted } from '../../lib/painted';
import type { DraftState, Drawing, EditAnswer, Sample, WidthName } from '../../lib/types';
import { Canvas } from './page/canvas.svelte';
import { Beside } from './page/beside.svelte';
import { Row } from './row/row.svelte';
import { Cards } from './column/cards.svelte';
import { Edits } from './deeds/edits';
import { Values } from './settings/values.svelte';
import { Selection } from './tree/selection.svelte';
import { Kinds } from './tree/tree';
import type { KeptPart, SamplePage, TableData } from './tree/types';
import { About } from './work/about.svelte';
import { refusalNotice } from './work/conflicts';
import { Drawn } from './work/drawn.svelte';
import type { Author, Parcel } from './work/outbox';
import type { Sending } from './work/sending.svelte';
import { Steps, type How } from './work/steps.svelte';

const VIEWS = ['page', 'reach', 'publish', 'why', 'compare', 'passed-over', 'fitting', 'links'] as const;
export type View = (typeof VIEWS)[number];

/**
 * The drawing table: what lies on it, how it is looked at, and who on it does what. What is selected, what is called
 * how, what changes and what settings show are objects of their own.
 */
export class Table {
    readonly kinds: Kinds;
    readonly canvas = new Canvas();
    readonly page: Drawn;
    readonly cards: Cards;
    readonly steps = new Steps(this);
    readonly selection = new Selection(this);
    readonly about = new About(this);
    readonly edits = new Edits(this);
    readonly values = new Values(this);
    sample = $state.raw<Sample | null>(null);
    private shown = $state<View>('page');
    readonly row = new Row(this);
    width = $state(0);
    readonly beside = new Beside();
    /** What is open above everything: the list of things to do, or the shortcuts. */
    open = $state<'palette' | 'shortcuts' | 'keep' | null>(null);
    /** Parts that are kept for other pages. */
    parts = $state.raw<KeptPart[]>([]);
    /** Whether kept parts are placed as shared, rather than as copies. */
    sharing = $state(true);
    /** The first page of the sample row, as it was asked for last. */
    samples = $state.raw<SamplePage>({ samples: [], more: false, total: 0 });
    /** Types in place where a block has words; the canvas sets it. */
    typeIn: (id: string) => void = () => undefined;
    /** A source whose lack is looked at: the sample row shows the pages that have nothing there. */
    lacking = $state.raw<{ source: string; of: number | null; words: string } | null>(null);
    /** The block that is being given a name in the outline. */
    naming = $state<string | null>(null);
    /** The page as it was before the last change, or as it is live, while a key or button is held. */
    glance = $state<'before' | 'live' | null>(null);
    /** Hatches what is the same on every page. */
    hatched = $state(false);
    /** The canvas as customers see it, without notes. */
    plain = $state(false);
    /** The window is too narrow to lay out in. */
    looksOnly = $state(false);
    /** What had the cursor when the page was left for another view. */
    cameFrom: Element | null = null;

    constructor(
        readonly data: TableData,
        readonly mayEdit: boolean,
        readonly author: Author,
    ) {
        this.kinds = new Kinds(data.definitions);
        this.parts = data.parts;
        this.samples = data.samples;
        this.sample = data.sample ?? data.samples.samples[0] ?? null;
        this.shown = VIEWS.find((view) => location.search.includes(`view=${view}`)) ?? 'page';
        this.page = this.draw(data);
        this.cards = new Cards(this);
    }

    /** A template that is drawn on this table, and taken over from the server as it is told. */
    draw(data: Drawing): Drawn {
        return new Drawn(data, this.author, (drawn) => ({
            sample: () => this.sample?.id ?? 0,
            on: () => (drawn.isCard && !this.page.isCard ? this.data.template.id : 0),
            adopt: (answer, othersWorked) => this.adopt(drawn, answer, othersWorked),
            refused: (error, parcel) => this.refused(drawn, error, parcel),
        }));
    }

    /** What is worked on: the page, or the card that was opened on it. */
    get now(): Drawn {
        return this.cards.open ?? this.page;
    }

    get draft(): DraftState {
        return this.now.draft;
    }

    get sending(): Sending {
        return this.now.sending;
    }

    get base(): string {
        return this.now.base;
    }

    get view(): View {
        return this.shown;
    }

    /** What is not the page itself is about the page: a card that was opened on it is left. */
    set view(view: View) {
        if (view !== 'page') this.cards.leave();
        if (this.shown === 'page') this.cameFrom = document.activeElement;
        this.shown = view;
    }

    get widthName(): WidthName {
        return this.beside.phone || this.width < widthsFrom.tablet
            ? 'phone'
            : this.width < widthsFrom.desktop
              ? 'tablet'
              : 'desktop';
    }

    get saving() {
        return this.drawn.map((one) => one.sending.saving).find((saving) => saving !== 'saved') ?? 'saved';
    }

    /** Everything that was worked on here: the page, and the cards that were opened on it. */
    get drawn(): Drawn[] {
        return [this.page, ...this.cards.opened];
    }

    /** Whether the browser keeps what has not reached the server. */
    get keeps(): boolean {
        return this.drawn.every((one) => one.sending.keeps);
    }

    undo(how: How = {}): Promise<boolean> {
        return this.steps.undo(how);
    }

    showPassedOver(): void {
        this.view = 'passed-over';
    }

    redo(how: How = {}): Promise<boolean> {
        return this.steps.redo(how);
    }

    reload(): void {
        this.beside.reload(this.canvas);
    }

    show(sample: Sample): void {
        if (sample.id === this.sample?.id) return;
        this.sample = sample;
        this.canvas.ready = false;
    }

    private refused(drawn: Drawn, error: Refused, parcel: Parcel): void {
        const state = error.body.state as DraftState | undefined;
        if (state) void this.adopt(drawn, { ...state, parts: [], css: null, styles: {}, notice: null }, false);
        if (error.status === 409) this.reload();
        refusalNotice(this, error, parcel);
    }

    /** The page first: what was done is painted there before the outline and the settings follow. */
    private async adopt(drawn: Drawn, answer: EditAnswer, othersWorked: boolean): Promise<void> {
        const { parts, css, styles, notice, ...draft } = answer;
        if (notice) notices.warn(notice);
        // With another root the page is another one: after a start, and after taking it back. What stands around it is
        // no part of it.
        const around =
            drawn === this.page &&
            ['header', 'footer', 'stays'].some((one) => draft.tree.what?.[one] !== drawn.draft.tree.what?.[one]);
        if (othersWorked || draft.tree.id !== drawn.draft.tree.id || around) this.reload();
        else {
            this.canvas.apply(parts, css, styles);
            this.beside.apply(parts, css, styles);
            if (parts.length > 0 || css !== null || Object.keys(styles).length > 0) await painted();
            this.canvas.moved();
        }
        drawn.draft = { ...drawn.draft, ...draft };
        this.cards.follow();
        if (drawn !== this.now) return;
        this.selection.follow(draft.tree);
    }
}
