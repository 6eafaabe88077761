import { treeFormat } from '../../generated/names';
import { pageWords, type PageWords, standsOnPages } from '../../lib/pages';
import { counted } from '../../lib/words';
import { leaveField } from '../../lib/focus';
import type { Refused } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { painted } from '../../lib/painted';
import type {
    DraftState,
    Drawing,
    Edit,
    EditAnswer,
    NewNode,
    Question,
    Sample,
    Setting,
    TreeNode,
    Value,
    WidthName,
} from '../../lib/types';
import { Canvas } from './page/canvas.svelte';
import { Beside } from './page/beside.svelte';
import { Cards } from './column/cards.svelte';
import { refusalNotice } from './work/conflicts';
import { decides, editsOf, type Author, type Parcel } from './work/outbox';
import { Drawn } from './work/drawn.svelte';
import type { Sending } from './work/sending.svelte';
import { Steps, type How } from './work/steps.svelte';
import {
    find,
    Kinds,
    outermost,
    parentOf,
    pathTo,
    placeAfter,
    placeInside,
    rows,
    placeBeside,
    styleAt,
    withIds,
    withoutStyle,
    type Place,
} from './tree/tree';
import type { KeptPart, SamplePage, TableData } from './tree/types';

const VIEWS = ['page', 'reach', 'publish', 'why', 'compare', 'fitting', 'links'] as const;
export type View = (typeof VIEWS)[number];

/** The state of the drawing table. All edits go through `send`, one after another, and the server's answer wins. */
export class Table {
    readonly kinds: Kinds;
    readonly canvas = new Canvas();
    readonly page: Drawn;
    readonly cards: Cards;
    readonly steps = new Steps(this);
    selected = $state<string | null>(null);
    /** Selected besides, in the order in which they were chosen. */
    besides = $state.raw<string[]>([]);
    sample = $state.raw<Sample | null>(null);
    private shown = $state<View>('page');
    row = $state<'samples' | 'shelf'>('samples');
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
    /** Whether what is put in goes inside what is selected, rather than after it. */
    inside = $state(false);
    /** Where the next block from the shelf goes, when an insertion point was clicked. */
    place = $state.raw<Place | null>(null);
    /** Types in place where a block has words; the canvas sets it. */
    typeIn: (id: string) => void = () => undefined;
    /** What was asked for and is not confirmed yet: the next change builds on it. */
    private asked = $state.raw<Record<string, Value>>({});
    /** What is being typed in, since when. */
    private begun: { drawn: Drawn; revision: number } | null = null;
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
        this.shown = view;
    }

    get node(): TreeNode | null {
        return this.selected === null ? null : find(this.draft.tree, this.selected);
    }

    /** Everything that is selected, without what lies inside something else that is. */
    get chosen(): string[] {
        return this.selected === null ? [] : outermost(this.draft.tree, [this.selected, ...this.besides]);
    }

    get widthName(): WidthName {
        return this.beside.phone || this.width < 640 ? 'phone' : this.width < 900 ? 'tablet' : 'desktop';
    }

    get saving() {
        return this.drawn.map((one) => one.sending.saving).find((saving) => saving !== 'saved') ?? 'saved';
    }

    /** Everything that was worked on here: the page, and the cards that were opened on it. */
    get drawn(): Drawn[] {
        return [this.page, ...this.cards.opened];
    }

    nameOf(id: string): string {
        const node = find(this.draft.tree, id);
        return node ? this.nameOfNode(node) : '';
    }

    nameOfNode(node: TreeNode): string {
        const called = node.what?.called;
        return (typeof called === 'string' && called) || (this.partOf(node)?.name ?? this.kinds.of(node.kind).name);
    }

    /** What its pages, and what they are about, are called. */
    get words(): PageWords {
        return pageWords(this.now.data.template.pageKind);
    }

    /** What the pages of the template are called, whatever is worked on. */
    get pageWords(): PageWords {
        return pageWords(this.data.template.pageKind);
    }

    /** What a new block would be about: what the page is about, or what the holder shows that it would stand in. */
    get subject(): string {
        const path = this.selected === null ? [] : pathTo(this.draft.tree, this.selected);
        const holder = path.findLast((node) => {
            const another = this.kinds.of(node.kind).another;
            return (
                another !== null &&
                typeof node.what?.[another] === 'number' &&
                (node.id !== this.selected || this.inside)
            );
        });
        return holder ? 'product' : this.now.data.template.pageKind;
    }

    /** Whether a kind of block says something where the next one would go. */
    fits(kind: string): boolean {
        if (this.isCard) return this.kinds.of(kind).onCards && this.kinds.fits(kind, 'product');
        return !this.isPage || this.kinds.fits(kind, this.subject);
    }

    /** Whether it lays out pages, rather than a part or a product's own blocks. */
    get isPage(): boolean {
        return this.now.data.template.role === 'page';
    }

    /** What is worked on, as its own words are about it: a header, a card, … */
    get thing(): string {
        const kind = this.now.data.template.pageKind;
        return this.isCard ? 'card' : this.isPage && standsOnPages(kind) ? kind : 'page';
    }

    get isCard(): boolean {
        return this.now.isCard;
    }

    /** The kept part that the selected block shares. */
    get sharedPart(): KeptPart | null {
        return this.node === null ? null : this.partOf(this.node);
    }

    private partOf(node: TreeNode): KeptPart | null {
        return (
            (this.kinds.of(node.kind).filledWith === 'part' &&
                this.parts.find((part) => part.id === node.what?.part)) ||
            null
        );
    }

    select(id: string | null, reveal = false): void {
        if (id !== this.selected) {
            leaveField();
            this.inside = false;
        }
        this.selected = id;
        this.besides = [];
        if (id !== null && reveal) this.canvas.reveal(id);
    }

    /** Adds to the selection, or takes out of it. */
    selectToo(id: string): void {
        leaveField();
        if (this.selected === null) this.select(id);
        else if (id === this.selected) {
            const [next, ...rest] = this.besides;
            this.selected = next ?? null;
            this.besides = rest;
        } else
            this.besides = this.besides.includes(id) ? this.besides.filter((one) => one !== id) : [...this.besides, id];
    }

    /**
     * Sends edits; answers whether they were taken. Edits with the same gesture are one step; pasted blocks may be of
     * an older format.
     */
    async send(edits: Edit[], gesture?: string, knowingly = false, format: number = treeFormat): Promise<boolean> {
        if (!this.mayEdit || edits.length === 0) return false;
        const drawn = this.meant(edits);
        const begun = this.begun?.drawn === drawn ? this.begun : null;
        const taken = await drawn.sending.edit(edits, format, gesture, knowingly, begun?.revision);
        if (taken && begun !== null && begun === this.begun) begun.revision = drawn.draft.revision;
        return taken;
    }

    /**
     * What edits are about, whatever is being worked on by now: the rules are those of the page, a block is where it
     * stands.
     */
    private meant(edits: Edit[]): Drawn {
        const [first] = edits;
        if (first?.edit === 'reach') return this.page;
        const id =
            first === undefined ? undefined : 'id' in first ? first.id : 'parent' in first ? first.parent : undefined;
        return (id === undefined ? undefined : this.drawn.find((one) => find(one.draft.tree, id))) ?? this.now;
    }

    /**
     * Somebody begins to type: until it is left, what is typed speaks of the page as it was then, whatever comes in
     * meanwhile.
     */
    begins(): void {
        this.begun ??= { drawn: this.now, revision: this.now.draft.revision };
    }

    ends(): void {
        this.begun = null;
    }

    /** Whether the browser keeps what has not reached the server. */
    get keeps(): boolean {
        return this.drawn.every((one) => one.sending.keeps);
    }

    undo(how: How = {}): Promise<boolean> {
        return this.steps.undo(how);
    }

    redo(how: How = {}): Promise<boolean> {
        return this.steps.redo(how);
    }

    /** Whether nothing but bands and columns is on the page, so that a start can take its place. */
    get isEmpty(): boolean {
        return (
            (this.isPage || this.isCard) &&
            rows(this.draft.tree).every((row) => this.kinds.of(row.node.kind).role !== 'block')
        );
    }

    async begin(start: { name: string; title: string }): Promise<void> {
        if (await this.sending.send('start', { start: start.name })) {
            notices.say(`“${start.title}” is on the ${this.thing}.`, {
                words: 'Take this back',
                do: () => void this.undo(),
            });
        }
    }

    async throwAway(): Promise<void> {
        if (await this.sending.send('throw-away', {})) {
            notices.say('The draft is as what is live.', { words: 'Take this back', do: () => void this.undo() });
            this.beside.reload(this.canvas);
        }
    }

    set(id: string, question: Question, setting: string, value: Value, gesture?: string): Promise<boolean> {
        const key = `${id} ${question} ${setting}${question === 'how' ? ` ${this.widthName}` : ''}`;
        this.asked = { ...this.asked, [key]: value };
        const sent = this.send(
            [{ edit: 'set', id, question, setting, value, width: question === 'how' ? this.widthName : 'desktop' }],
            gesture,
        );
        void sent.then(() => {
            if (this.asked[key] !== value) return;
            this.asked = Object.fromEntries(Object.entries(this.asked).filter(([one]) => one !== key));
        });
        return sent;
    }

    async insert(nodes: NewNode | NewNode[], place?: Place | null): Promise<void> {
        const list = Array.isArray(nodes) ? nodes : [nodes];
        const kind = list[0]?.kind;
        if (kind === undefined) return;
        const where = place ?? this.place ?? this.placeFor(kind);
        if (!where) {
            notices.warn(`${this.kinds.of(kind).name} cannot be put here. Select another place first.`);
            return;
        }
        const fresh = list.map((node) => withIds(node));
        let { after } = where;
        const edits = fresh.map((node): Edit => {
            const edit: Edit = { edit: 'insert', node, parent: where.parent, after };
            after = node.id;
            return edit;
        });
        this.place = null;
        if (await this.send(edits)) this.selectAll(fresh.map((node) => node.id));
    }

    /** Where something new goes: after the selection, or inside it where that was chosen. */
    placeFor(kind: string): Place | null {
        const inside =
            this.inside && this.selected !== null
                ? placeInside(this.draft.tree, this.selected, kind, this.kinds)
                : null;
        return inside ?? placeAfter(this.draft.tree, this.selected, kind, this.kinds);
    }

    /** Whether the selection can hold other blocks. */
    get holds(): boolean {
        return (
            this.node !== null && !this.kinds.isRoot(this.node.kind) && this.kinds.of(this.node.kind).accepts !== null
        );
    }

    async move(id: string, place: Place): Promise<void> {
        if (await this.send([{ edit: 'move', id, ...place }])) this.select(id, true);
    }

    async moveBeside(id: string, step: -1 | 1): Promise<void> {
        const place = placeBeside(this.draft.tree, id, step, this.kinds);
        if (place) await this.move(id, place);
    }

    async duplicate(): Promise<void> {
        const copies = this.chosen.flatMap((id): { edit: Edit; id: string }[] => {
            const node = find(this.draft.tree, id);
            const parent = parentOf(this.draft.tree, id);
            if (!node || !parent) return [];
            const copy = withIds(node, true);
            return [{ edit: { edit: 'insert', node: copy, parent: parent.id, after: id }, id: copy.id }];
        });
        if (await this.send(copies.map((copy) => copy.edit))) this.selectAll(copies.map((copy) => copy.id));
    }

    async remove(): Promise<void> {
        const ids = this.chosen.filter((id) => id !== this.draft.tree.id);
        const next = ids[0] === undefined ? null : parentOf(this.draft.tree, ids[0]);
        const words = ids.length === 1 ? this.nameOf(ids[0] ?? '') : counted(ids.length, 'block');
        if (await this.send(ids.map((id): Edit => ({ edit: 'remove', id })))) {
            this.select(next === null || this.kinds.isRoot(next.kind) ? null : next.id);
            notices.say(`${words} taken out.`, { words: 'Take this back', do: () => void this.undo() });
        }
    }

    selectAll(ids: string[]): void {
        const [first, ...rest] = ids;
        this.select(first ?? null, true);
        this.besides = rest;
    }

    show(sample: Sample): void {
        if (sample.id === this.sample?.id) return;
        this.sample = sample;
        this.canvas.ready = false;
    }

    /** What a setting shows now: the block's own value, else its default. */
    valueOf(node: TreeNode, setting: Setting): Value {
        const key = `${node.id} ${setting.question} ${setting.name}`;
        const asked = key in this.asked ? this.asked[key] : this.undecided(key);
        if (asked !== undefined) return asked ?? setting.default;
        const values = setting.question === 'what' ? node.what : node.when;
        return values?.[setting.name] ?? setting.default;
    }

    /** A style as it is at the width that is looked at, with where it comes from. */
    styleOf(node: TreeNode, name: string): { value: Value; from: WidthName | null } {
        const key = `${node.id} how ${name} ${this.widthName}`;
        const asked = key in this.asked ? this.asked[key] : this.undecided(key);
        if (asked === undefined) return this.eased(node, name, styleAt(node, name, this.widthName));
        if (asked !== null) return { value: asked, from: this.widthName };
        return this.eased(node, name, styleAt(withoutStyle(node, name, this.widthName), name, this.widthName));
    }

    /** What a wider width says counts on a narrower one as the most that this takes. */
    private eased(
        node: TreeNode,
        name: string,
        style: { value: Value; from: WidthName | null },
    ): { value: Value; from: WidthName | null } {
        const limits = this.kinds
            .of(node.kind)
            .settings.find((one) => one.question === 'how' && one.name === name)?.eased;
        const most = this.widthName === 'desktop' ? undefined : limits?.[this.widthName];
        const over =
            most !== undefined &&
            style.from !== this.widthName &&
            typeof style.value === 'number' &&
            style.value > most;
        return over ? { value: most, from: style.from } : style;
    }

    /** One's own value of a setting that somebody else has set differently, until it is decided. */
    private undecided(key: string): Value | undefined {
        for (const kept of this.sending.kept.filter((one) => one.why === 'conflict')) {
            for (const edit of editsOf(kept)) if (edit.edit === 'set' && decides(edit) === key) return edit.value;
        }
        return undefined;
    }

    private refused(drawn: Drawn, error: Refused, parcel: Parcel): void {
        const state = error.body.state as DraftState | undefined;
        if (state) void this.adopt(drawn, { ...state, parts: [], css: null, styles: {}, notice: null }, false);
        if (error.status === 409) this.beside.reload(this.canvas);
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
        if (othersWorked || draft.tree.id !== drawn.draft.tree.id || around) this.beside.reload(this.canvas);
        else {
            this.canvas.apply(parts, css, styles);
            this.beside.apply(parts, css, styles);
            if (parts.length > 0 || css !== null || Object.keys(styles).length > 0) await painted();
            this.canvas.moved();
        }
        drawn.draft = { ...drawn.draft, ...draft };
        this.cards.follow();
        if (drawn !== this.now) return;
        if (this.selected !== null && pathTo(draft.tree, this.selected).length === 0) this.select(null);
        this.besides = this.besides.filter((id) => pathTo(draft.tree, id).length > 0);
    }
}
