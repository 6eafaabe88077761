import type { NewNode, TreeNode } from '../../../lib/types';
import { counted } from '../../../lib/words';
import { rowAt } from '../column/rowAt';
import { isWhereItIs, landingAt, landingInSequence, type Landing } from '../page/landing';
import { insertPart } from './keptParts';
import { inSequence, putInSequence } from './sequences';
import type { Table } from '../table.svelte';
import { find } from '../tree/tree';
import type { KeptPart } from '../tree/types';

const THRESHOLD = 4;
const SCROLL_ZONE = 48;
/** In milliseconds: whoever only passes the edge, on the way up from the shelf, does not scroll the page. */
const SCROLL_AFTER = 350;

type Load = { kind: string; name: string } & ({ ids: string[] } | { node: NewNode } | { part: KeptPart });

/** A block that is dragged, with the others that are selected with it and can stand where it can. */
export function loadOf(table: Table, node: TreeNode): Load {
    const { kinds, selection } = table;
    const role = kinds.role(node.kind);
    const along = selection.isChosen(node.id)
        ? selection.chosen.filter((id) => kinds.role(find(table.draft.tree, id)?.kind ?? node.kind) === role)
        : [];
    const ids = along.includes(node.id) ? along : [node.id];
    const name = ids.length > 1 ? counted(ids.length, role === 'band' ? 'band' : 'block') : kinds.of(node.kind).name;
    return { ids, kind: node.kind, name };
}

/** One drag, from the shelf or within the canvas, by pointer events in the screen's coordinates. */
export class Drag {
    load = $state.raw<Load | null>(null);
    x = $state(0);
    y = $state(0);
    landing = $state.raw<Landing | null>(null);
    /** The outline, where rows can be dropped as well. */
    outline: HTMLElement | null = null;
    private waiting: { load: Load; x: number; y: number; otherwise?: () => void } | null = null;
    private scrolling = 0;
    private atEdgeSince: number | null = null;

    constructor(private readonly table: Table) {}

    /** A press that becomes a drag once the pointer has moved a little; otherwise something else was meant. */
    press(load: Load, x: number, y: number, otherwise?: () => void): void {
        if (this.table.mayEdit) this.waiting = { load, x, y, ...(otherwise ? { otherwise } : {}) };
        else otherwise?.();
    }

    to(x: number, y: number): void {
        if (this.waiting && Math.hypot(x - this.waiting.x, y - this.waiting.y) > THRESHOLD) {
            this.load = this.waiting.load;
            this.waiting = null;
        }
        if (!this.load) return;
        [this.x, this.y] = [x, y];
        this.find();
        this.scroll();
    }

    /** Answers whether something was dragged, so that the click that follows can be left out. */
    drop(): boolean {
        const { load, landing, waiting } = this;
        this.cancel();
        if (!load) {
            waiting?.otherwise?.();
            return false;
        }
        if (landing?.inSequence && 'ids' in load)
            void putInSequence(this.table, landing.inSequence, load.ids, landing.place.after);
        else if (landing && 'ids' in load) void this.table.edits.moveAll(load.ids, landing.place);
        if (landing && 'node' in load) void this.table.edits.insert(load.node, landing.place);
        if (landing && 'part' in load) void insertPart(this.table, load.part, landing.place);
        return true;
    }

    cancel(): void {
        this.load = this.landing = this.waiting = null;
        this.atEdgeSince = null;
        cancelAnimationFrame(this.scrolling);
    }

    private find(): void {
        const load = this.load;
        const { canvas, draft, kinds } = this.table;
        const { x, y, over } = canvas.inside(this.x, this.y);
        const moving = load && 'ids' in load ? load.ids : [];
        const along = moving.length > 0 && over ? inSequence(this.table, moving) : null;
        const overBand = along !== null && canvas.idsAt(x, y).includes(along.of.band.id);
        const landing = !load
            ? null
            : along && overBand
              ? landingInSequence(canvas, along.of, moving, y, (id) => this.table.about.nameOf(id))
              : over
                ? landingAt(canvas, draft.tree, kinds, load.kind, moving, x, y)
                : rowAt(this.outline, draft.tree, kinds, load.kind, moving, this.x, this.y);
        this.landing = landing && isWhereItIs(draft.tree, moving, landing.place) ? null : landing;
    }

    /** Scrolls the page while the pointer is held near its upper or lower edge. */
    private scroll(): void {
        cancelAnimationFrame(this.scrolling);
        const { canvas } = this.table;
        const { y, over } = canvas.inside(this.x, this.y);
        const height = canvas.window?.innerHeight ?? 0;
        const by = !over ? 0 : y < SCROLL_ZONE ? -9 : y > height - SCROLL_ZONE ? 9 : 0;
        if (by === 0 || !this.load) {
            this.atEdgeSince = null;
            return;
        }
        this.atEdgeSince ??= performance.now();
        const since = this.atEdgeSince;
        this.scrolling = requestAnimationFrame(() => {
            if (performance.now() - since >= SCROLL_AFTER) {
                canvas.window?.scrollBy({ top: by, behavior: 'instant' });
                this.find();
            }
            this.scroll();
        });
    }
}
