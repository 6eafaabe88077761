import type { NewNode } from '../../../lib/types';
import { isWhereItIs, landingAt, type Landing } from '../page/landing';
import { insertPart } from './keptParts';
import type { Table } from '../table.svelte';
import type { KeptPart } from '../tree/types';

const THRESHOLD = 4;
const SCROLL_ZONE = 48;
/** In milliseconds: whoever only passes the edge, on the way up from the shelf, does not scroll the page. */
const SCROLL_AFTER = 350;

type Load = { kind: string; name: string } & ({ id: string } | { node: NewNode } | { part: KeptPart });

/** One drag, from the shelf or within the canvas, by pointer events in the screen's coordinates. */
export class Drag {
    load = $state.raw<Load | null>(null);
    x = $state(0);
    y = $state(0);
    landing = $state.raw<Landing | null>(null);
    private waiting: { load: Load; x: number; y: number } | null = null;
    private scrolling = 0;
    private atEdgeSince: number | null = null;

    constructor(private readonly table: Table) {}

    /** A press that becomes a drag once the pointer has moved a little. */
    press(load: Load, x: number, y: number): void {
        if (this.table.mayEdit) this.waiting = { load, x, y };
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
        const { load, landing } = this;
        this.cancel();
        if (!load) return false;
        if (landing && 'id' in load) void this.table.edits.move(load.id, landing.place);
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
        const moving = load && 'id' in load ? load.id : null;
        const landing = load && over ? landingAt(canvas, draft.tree, kinds, load.kind, moving, x, y) : null;
        this.landing = landing && moving !== null && isWhereItIs(draft.tree, moving, landing.place) ? null : landing;
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
