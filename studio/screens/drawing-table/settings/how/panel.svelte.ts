import { inBrowser } from '../../../../lib/storage';
import type { PieceStateName, Value } from '../../../../lib/types';

const KEPT = 'vestibra-panel';

/** What of the settings panel is unfolded, which state of a piece is looked at, and what was set last. */
export class Panel {
    /** By kind of block and piece. */
    open = $state.raw<Record<string, boolean>>(kept());
    private states = $state.raw<Record<string, PieceStateName>>({});
    /** What is looked for among the settings; null while nobody looks. */
    query = $state<string | null>(null);
    last = $state.raw<Record<string, Value>>({});

    isOpen(name: string, usually: boolean): boolean {
        return this.open[name] ?? usually;
    }

    toggle(name: string, usually: boolean): void {
        this.open = { ...this.open, [name]: !this.isOpen(name, usually) };
        inBrowser.set(KEPT, JSON.stringify(this.open));
    }

    unfold(name: string): void {
        if (!this.isOpen(name, true)) this.toggle(name, true);
    }

    stateOf(id: string, piece: string): PieceStateName {
        return this.states[`${id}.${piece}`] ?? 'usual';
    }

    look(id: string, piece: string, state: PieceStateName): void {
        this.states = state === 'usual' ? {} : { [`${id}.${piece}`]: state };
    }

    /** Back to how things are: when something else is selected. */
    leave(): void {
        this.states = {};
        this.query = null;
    }

    remember(property: string, value: Value): void {
        if (value !== null) this.last = { ...this.last, [property]: value };
    }

    finds(...words: string[]): boolean {
        const wanted = (this.query ?? '').trim().toLowerCase();
        return wanted === '' || words.some((one) => one.toLowerCase().includes(wanted));
    }
}

function kept(): Record<string, boolean> {
    try {
        const stored: unknown = JSON.parse(inBrowser.get(KEPT) ?? '{}');
        return typeof stored === 'object' && stored !== null
            ? Object.fromEntries(
                  Object.entries(stored).filter((entry): entry is [string, boolean] => typeof entry[1] === 'boolean'),
              )
            : {};
    } catch {
        return {};
    }
}

export const panel = new Panel();
