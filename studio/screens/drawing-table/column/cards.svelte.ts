import { get, post } from '../../../lib/http';
import { notices } from '../../../lib/notices.svelte';
import { inWindow } from '../../../lib/storage';
import type { CardOption, Drawing, Question, TreeNode, Value } from '../../../lib/types';
import type { Drawn } from '../work/drawn.svelte';
import type { Canvas } from '../page/canvas.svelte';
import { find, type Kinds } from '../tree/tree';

/** A template that is opened begins with its page; one that is loaded anew goes on where it was. */
function isReload(): boolean {
    const [how] = performance.getEntriesByType('navigation');
    return how instanceof PerformanceNavigationTiming && how.type === 'reload';
}

/** The table that cards are opened on. */
interface Around {
    readonly data: { readonly cards: CardOption[] };
    readonly page: Drawn;
    readonly now: Drawn;
    readonly view: string;
    readonly kinds: Kinds;
    readonly canvas: Canvas;
    readonly selection: { select(id: string | null): void };
    readonly values: { set(id: string, question: Question, setting: string, value: Value): Promise<boolean> };
    draw(data: Drawing): Drawn;
}

/** The grid of a card that is looked at by itself, as the server makes it. */
const ROOM = 'cardroomgrid';

/**
 * The cards of the shop as far as this table has to do with them: those that grids may choose, and those that are
 * worked on in their place.
 */
export class Cards {
    list = $state.raw<CardOption[]>([]);
    /** The card that is worked on instead of the page. */
    open = $state.raw<Drawn | null>(null);
    /** Those that were, whose steps can be taken back. */
    opened = $state.raw<Drawn[]>([]);
    /** The grid in which the card that is worked on was clicked. */
    grid = $state<string | null>(null);

    constructor(private readonly table: Around) {
        this.list = table.data.cards;
        if (table.page.isCard) this.look(ROOM, 0);
        void this.recall();
    }

    /** The grid on the page in which the card stands that is worked on. */
    get gridNode(): TreeNode | null {
        return this.grid === null ? null : find(this.table.page.draft.tree, this.grid);
    }

    get fallback(): CardOption | null {
        return this.list.find((card) => card.fallback) ?? null;
    }

    /** The setting by which a block chooses its card; null for a block that shows none. */
    settingOf(node: TreeNode | null): string | null {
        const settings = node === null ? [] : this.table.kinds.of(node.kind).settings;
        return settings.find((setting) => setting.type === 'card')?.name ?? null;
    }

    /** The card that a grid on the page shows its products as. */
    of(node: TreeNode | null): CardOption | null {
        const setting = this.settingOf(node);
        if (setting === null) return null;
        const chosen = node?.what?.[setting];
        return this.list.find((card) => card.id === chosen) ?? this.fallback;
    }

    /** Opens the card of a grid in its place, with one of its blocks selected; the very card that was clicked. */
    async enter(grid: string, index = 0, block: string | null = null): Promise<void> {
        const card = this.of(find(this.table.page.draft.tree, grid));
        const drawn = card && (await this.drawn(card.id));
        // Somebody has turned to something else meanwhile.
        if (!drawn || this.table.view !== 'page') return;
        this.table.selection.select(null);
        this.open = drawn;
        this.look(grid, index);
        this.table.selection.select(block !== null && find(drawn.draft.tree, block) ? block : drawn.draft.tree.id);
        this.remember();
    }

    /** Another card of the same kind is the one that is looked at. */
    look(grid: string, index: number): void {
        this.grid = grid;
        this.table.canvas.scope = { grid, root: () => this.table.now.draft.tree.id, index };
        this.table.canvas.moved();
    }

    /** Back to the page, with the grid selected. */
    leave(select = true): void {
        if (!this.open) return;
        const grid = this.grid;
        this.table.selection.select(null);
        this.open = null;
        this.grid = null;
        this.table.canvas.scope = null;
        this.table.canvas.moved();
        this.remember();
        if (select) this.table.selection.select(grid);
    }

    /** What was worked on here before is worked on again. */
    turnTo(drawn: Drawn): void {
        if (drawn === this.table.page) {
            this.leave(false);
            return;
        }
        const grid = this.gridOf(drawn.data.template.id);
        if (grid === null) return;
        this.table.selection.select(null);
        this.open = drawn;
        this.look(grid, 0);
        this.remember();
    }

    /** A card whose grid has gone, or shows another one now, is left. */
    follow(): void {
        if (
            this.open &&
            this.grid !== null &&
            this.of(find(this.table.page.draft.tree, this.grid))?.id !== this.open.data.template.id
        )
            this.leave(false);
    }

    /** Gives the grid a card of its own, like the one that it has. */
    async onlyHere(): Promise<void> {
        const original = this.open;
        const grid = this.grid;
        if (!original || grid === null) return;
        const made = await this.make({
            name: `${original.data.template.name}, ${this.table.page.data.template.name}`.slice(0, 80),
            copyOf: original.data.template.id,
        });
        if (made === null) return;
        this.leave();
        if (await this.choose(grid, made)) {
            await this.enter(grid);
            notices.say(
                `The products here stand as a card of their own now; “${original.data.template.name}” does not change with it.`,
            );
        }
    }

    /** A new card for a grid, from a start. */
    async begin(grid: string, start: { name: string; title: string }): Promise<void> {
        const made = await this.make({ name: start.title, start: start.name });
        if (made !== null && (await this.choose(grid, made))) await this.enter(grid);
    }

    private choose(grid: string, card: number): Promise<boolean> {
        const setting = this.settingOf(find(this.table.page.draft.tree, grid));
        return setting === null ? Promise.resolve(false) : this.table.values.set(grid, 'what', setting, card);
    }

    private async make(
        body: { name: string; start: string } | { name: string; copyOf: number },
    ): Promise<number | null> {
        try {
            const { id, cards } = await post<{ id: number; cards: CardOption[] }>('/studio/cards', body);
            this.list = cards;
            return id;
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }

    private async drawn(card: number): Promise<Drawn | null> {
        const known = this.opened.find((one) => one.data.template.id === card);
        if (known) return known;
        try {
            const drawn = this.table.draw(await get<Drawing>(`/studio/cards/${card}/drawn`));
            this.opened = [...this.opened, drawn];
            return drawn;
        } catch (error) {
            notices.trouble(error);
            return null;
        }
    }

    /** The first grid on the page that shows its products as a card. */
    private gridOf(card: number): string | null {
        const look = (node: TreeNode): string | null =>
            this.of(node)?.id === card ? node.id : ((node.children ?? []).map(look).find((id) => id !== null) ?? null);
        return look(this.table.page.draft.tree);
    }

    private get place(): string {
        return `vestibra-cards/${this.table.page.data.template.id}`;
    }

    /** A reload of the window finds the same cards opened. */
    private remember(): void {
        inWindow.set(
            this.place,
            JSON.stringify({
                opened: this.opened.map((one) => one.data.template.id),
                grid: this.open ? this.grid : null,
            }),
        );
    }

    private async recall(): Promise<void> {
        const kept = JSON.parse(inWindow.get(this.place) ?? 'null') as { opened: number[]; grid: string | null } | null;
        for (const card of kept?.opened ?? []) {
            if (this.list.some((one) => one.id === card)) await this.drawn(card);
        }
        if (kept?.grid != null && isReload() && find(this.table.page.draft.tree, kept.grid)) {
            await this.enter(kept.grid);
            // The page may have come before the card: what it does not show is left all the same.
            if (this.table.canvas.ready) this.arrived();
        }
    }

    /** The page has come, with another sample or anew: a card that nothing on it stands as is left. */
    arrived(): void {
        if (
            this.open &&
            this.grid !== null &&
            !this.table.page.isCard &&
            !this.table.canvas.element(this.grid)?.querySelector('.card')
        )
            this.leave(false);
    }
}
