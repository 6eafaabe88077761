import { treeFormat } from '../../../generated/names';
import { notices } from '../../../lib/notices.svelte';
import { counted } from '../../../lib/words';
import type { Edit, NewNode, TreeNode } from '../../../lib/types';
import { find, parentOf, placeAcross, placeBeside, withIds, type Kinds, type Place } from '../tree/tree';
import type { Drawn } from '../work/drawn.svelte';
import { about } from '../work/outbox';

/** Where edits are made: what is worked on, what is selected there, and what takes a step back. */
interface Worked {
    readonly mayEdit: boolean;
    readonly now: Drawn;
    readonly page: Drawn;
    readonly drawn: Drawn[];
    readonly kinds: Kinds;
    readonly about: { nameOf(id: string): string; readonly thing: string };
    readonly selection: {
        readonly chosen: string[];
        place: Place | null;
        select(id: string | null, reveal?: boolean): void;
        selectAll(ids: string[]): void;
        leave(parent: TreeNode | null): void;
        parentOf(ids: string[]): TreeNode | null;
        placeFor(kind: string): Place | null;
    };
    undo(): Promise<boolean>;
    reload(): void;
}

/** All that changes the tree. Edits go to the server one after another, and its answer wins. */
export class Edits {
    /** What is being typed in, since when. */
    private begun: { drawn: Drawn; revision: number } | null = null;

    constructor(private readonly on: Worked) {}

    /**
     * Sends edits; answers whether they were taken. Edits with the same gesture are one step; pasted blocks may be of
     * an older format.
     */
    async send(edits: Edit[], gesture?: string, knowingly = false, format: number = treeFormat): Promise<boolean> {
        if (!this.on.mayEdit || edits.length === 0) return false;
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
        if (first === undefined) return this.on.now;
        const id = about(first);
        if (id === null) return this.on.page;
        return this.on.drawn.find((one) => find(one.draft.tree, id)) ?? this.on.now;
    }

    /**
     * Somebody begins to type: until it is left, what is typed speaks of the page as it was then, whatever comes in
     * meanwhile.
     */
    begins(): void {
        this.begun ??= { drawn: this.on.now, revision: this.on.now.draft.revision };
    }

    ends(): void {
        this.begun = null;
    }

    async begin(start: { name: string; title: string }): Promise<void> {
        if (await this.on.now.sending.send('start', { start: start.name }))
            this.said(`“${start.title}” is on the ${this.on.about.thing}.`);
    }

    async throwAway(): Promise<void> {
        if (await this.on.now.sending.send('throw-away', {})) {
            this.said('The draft is as what is live.');
            this.on.reload();
        }
    }

    async insert(nodes: NewNode | NewNode[], place?: Place | null): Promise<void> {
        const { selection } = this.on;
        const list = Array.isArray(nodes) ? nodes : [nodes];
        const kind = list[0]?.kind;
        if (kind === undefined) return;
        const where = place ?? selection.place ?? selection.placeFor(kind);
        if (!where) {
            notices.warn(`${this.on.kinds.of(kind).name} cannot be put here. Select another place first.`);
            return;
        }
        const fresh = list.map((node) => withIds(node));
        let { after } = where;
        const edits = fresh.map((node): Edit => {
            const edit: Edit = { edit: 'insert', node, parent: where.parent, after };
            after = node.id;
            return edit;
        });
        selection.place = null;
        if (await this.send(edits)) selection.selectAll(fresh.map((node) => node.id));
    }

    /** Puts some blocks to a place, one behind the other, as one step. */
    async moveAll(ids: string[], place: Place): Promise<void> {
        let { after } = place;
        const edits = ids.map((id): Edit => {
            const edit: Edit = { edit: 'move', id, parent: place.parent, after };
            after = id;
            return edit;
        });
        if (await this.send(edits)) this.on.selection.selectAll(ids);
    }

    /** Where what is selected would stand one place up or down. */
    beside(step: -1 | 1): Place | null {
        const ids = this.on.selection.chosen;
        const edge = step === -1 ? ids[0] : ids.at(-1);
        return edge === undefined ? null : placeBeside(this.on.now.draft.tree, edge, step, this.on.kinds);
    }

    /** Where what is selected would stand in the column before or after. */
    across(step: -1 | 1): Place | null {
        const [first] = this.on.selection.chosen;
        return first === undefined ? null : placeAcross(this.on.now.draft.tree, first, step, this.on.kinds);
    }

    async moveChosen(place: Place | null): Promise<void> {
        if (place) await this.moveAll(this.on.selection.chosen, place);
    }

    /** Switches all that is selected off, or on where all of it is off. */
    async switchOff(): Promise<void> {
        const { tree } = this.on.now.draft;
        const nodes = this.on.selection.chosen.flatMap((id) => find(tree, id) ?? []);
        const off = nodes.some((node) => node.when?.off !== true);
        await this.send(
            nodes.map((node) => ({
                edit: 'set',
                id: node.id,
                question: 'when',
                width: 'desktop',
                setting: 'off',
                value: off,
            })),
        );
    }

    async duplicate(): Promise<void> {
        const { tree } = this.on.now.draft;
        const copies = this.on.selection.chosen.flatMap((id): { edit: Edit; id: string }[] => {
            const node = find(tree, id);
            const parent = parentOf(tree, id);
            if (!node || !parent) return [];
            const copy = withIds(node, true);
            return [{ edit: { edit: 'insert', node: copy, parent: parent.id, after: id }, id: copy.id }];
        });
        if (await this.send(copies.map((copy) => copy.edit)))
            this.on.selection.selectAll(copies.map((copy) => copy.id));
    }

    async remove(): Promise<void> {
        const { selection, about, now } = this.on;
        const ids = selection.chosen.filter((id) => id !== now.draft.tree.id);
        const parent = selection.parentOf(ids);
        const words = ids.length === 1 ? about.nameOf(ids[0] ?? '') : counted(ids.length, 'block');
        if (await this.send(ids.map((id): Edit => ({ edit: 'remove', id })))) {
            selection.leave(parent);
            this.said(`${words} taken out.`);
        }
    }

    private said(words: string): void {
        notices.say(words, { words: 'Take this back', do: () => void this.on.undo() });
    }
}
