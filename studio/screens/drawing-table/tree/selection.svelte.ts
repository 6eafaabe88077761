import { leaveField } from '../../../lib/focus';
import type { DraftState, TreeNode } from '../../../lib/types';
import { between, find, outermost, parentOf, pathTo, placeAfter, placeInside, type Kinds, type Place } from './tree';

/** What is selected on what is worked on, and where something new would go. */
export class Selection {
    id = $state<string | null>(null);
    /** Selected besides, in the order in which they were chosen. */
    besides = $state.raw<string[]>([]);
    /** Whether what is put in goes inside what is selected, as the owner said; null while nothing was said. */
    private goesInside = $state<boolean | null>(null);
    /** Where the next block from the shelf goes, when an insertion point was clicked. */
    place = $state.raw<Place | null>(null);

    constructor(
        private readonly on: {
            readonly draft: DraftState;
            readonly kinds: Kinds;
            readonly canvas: { reveal(id: string): void };
        },
    ) {}

    get node(): TreeNode | null {
        return this.id === null ? null : find(this.on.draft.tree, this.id);
    }

    /** Everything that is selected, without what lies inside something else that is. */
    get chosen(): string[] {
        return this.id === null ? [] : outermost(this.on.draft.tree, [this.id, ...this.besides]);
    }

    /** Whether the selection can hold other blocks. */
    get holds(): boolean {
        const { kinds } = this.on;
        return this.node !== null && !kinds.isRoot(this.node.kind) && kinds.of(this.node.kind).accepts !== null;
    }

    select(id: string | null, reveal = false): void {
        if (id !== this.id) {
            leaveField();
            this.goesInside = null;
        }
        this.id = id;
        this.besides = [];
        if (id !== null && reveal) this.on.canvas.reveal(id);
    }

    /** Adds to the selection, or takes out of it. */
    selectToo(id: string): void {
        leaveField();
        if (this.id === null) this.select(id);
        else if (id === this.id) {
            const [next, ...rest] = this.besides;
            this.id = next ?? null;
            this.besides = rest;
        } else
            this.besides = this.besides.includes(id) ? this.besides.filter((one) => one !== id) : [...this.besides, id];
    }

    /** From what was selected first to another one. */
    selectTo(id: string): void {
        if (this.id === null) {
            this.select(id);
            return;
        }
        leaveField();
        this.besides = between(this.on.draft.tree, this.id, id, this.on.kinds).filter((one) => one !== this.id);
    }

    /** As a click selects: with Ctrl one more or less, with Shift all up to it. */
    click(id: string, keys: { ctrlKey: boolean; metaKey: boolean; shiftKey: boolean }, reveal = false): void {
        if (keys.shiftKey) this.selectTo(id);
        else if (keys.ctrlKey || keys.metaKey) this.selectToo(id);
        else this.select(id, reveal);
    }

    isChosen(id: string): boolean {
        return id === this.id || this.besides.includes(id);
    }

    selectAll(ids: string[]): void {
        const [first, ...rest] = ids;
        this.select(first ?? null, true);
        this.besides = rest;
    }

    /** What was taken out of the tree is selected no more; what it stood in is, where that can be. */
    leave(parent: TreeNode | null): void {
        this.select(parent === null || this.on.kinds.isRoot(parent.kind) ? null : parent.id);
    }

    /** Another tree has come: what is not in it is selected no more. */
    follow(tree: TreeNode): void {
        if (this.id !== null && pathTo(tree, this.id).length === 0) this.select(null);
        this.besides = this.besides.filter((id) => pathTo(tree, id).length > 0);
    }

    /** What the first of some blocks stands in. */
    parentOf(ids: string[]): TreeNode | null {
        return ids[0] === undefined ? null : parentOf(this.on.draft.tree, ids[0]);
    }

    /** Whether what is put in goes inside what is selected rather than after it: by itself where that is empty. */
    get inside(): boolean {
        return this.goesInside ?? (this.holds && (this.node?.children ?? []).length === 0);
    }

    set inside(inside: boolean) {
        this.goesInside = inside;
    }

    /**
     * Where something new goes: inside the selection where that is empty or was chosen, else after it; what a band
     * holds goes into its first empty column.
     */
    placeFor(kind: string): Place | null {
        const { tree } = this.on.draft;
        const inside = this.inside && this.id !== null ? placeInside(tree, this.id, kind, this.on.kinds) : null;
        return inside ?? placeAfter(tree, this.id, kind, this.on.kinds);
    }
}
