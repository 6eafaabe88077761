import type { Drawn } from './drawn.svelte';

/**
 * `knowingly`: although it takes away what somebody else has set; `passOver`: leaves the last step, and takes back the
 * one before.
 */
export interface How {
    knowingly?: boolean;
    passOver?: boolean;
}

/**
 * Taking back and doing again, in the order in which things were done on the page and on the cards that were opened on
 * it.
 */
export class Steps {
    /** The last of those that follow one another. */
    private turns: Promise<unknown> = Promise.resolve();

    constructor(
        private readonly table: {
            readonly drawn: Drawn[];
            readonly now: Drawn;
            readonly cards: { turnTo(drawn: Drawn): void };
        },
    ) {}

    /** Where the next undo takes something back. */
    get undoable(): Drawn | null {
        return latest(this.table.drawn, (one) => (one.draft.undo === null ? 0 : one.draft.undoStep));
    }

    /** Where the next redo does something again. */
    get redoable(): Drawn | null {
        return latest(this.table.drawn, (one) => (one.draft.redo === null ? 0 : one.draft.redoStep));
    }

    undo(how: How): Promise<boolean> {
        return this.inOrder(() => this.goTo(this.undoable).sending.send('undo', how));
    }

    redo(how: How): Promise<boolean> {
        return this.inOrder(() => this.goTo(this.redoable).sending.send('redo', how));
    }

    /** Of several that were worked on, which comes next is known once everything before has been answered. */
    private inOrder(step: () => Promise<boolean>): Promise<boolean> {
        if (this.table.drawn.length === 1) return step();
        const turn = this.turns.then(() => Promise.all(this.table.drawn.map((one) => one.sending.idle))).then(step);
        this.turns = turn.catch(() => false);
        return turn;
    }

    /** What is taken back is what is worked on then. */
    private goTo(drawn: Drawn | null): Drawn {
        if (drawn !== null && drawn !== this.table.now) this.table.cards.turnTo(drawn);
        return drawn ?? this.table.now;
    }
}

function latest(drawn: Drawn[], step: (one: Drawn) => number): Drawn | null {
    const last = drawn.toSorted((one, other) => step(other) - step(one))[0];
    return last !== undefined && step(last) > 0 ? last : null;
}
