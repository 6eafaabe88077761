import { freshId } from '../../lib/ids';

/** One step of work on its way to the server. The key is the same for every try, so that it is made once. */
export interface Parcel {
    key: string;
    what: 'edits' | 'undo' | 'redo' | 'throw-away' | 'start';
    body: object;
    /** The revision it was made on. */
    base: number;
}

const PREFIX = 'vestibra-outbox';

/**
 * Steps that the server has not confirmed yet, kept in the browser so that a crash or a reload loses none. Each window
 * holds a lock while it is open; what a window without its lock has left behind is picked up by the next one.
 */
export class Outbox {
    readonly window = freshId();
    private parcels: Parcel[] = [];

    constructor(private readonly templateId: number) {
        void navigator.locks?.request(this.lock(this.window), () => new Promise(() => undefined));
    }

    get first(): Parcel | undefined {
        return this.parcels[0];
    }

    get length(): number {
        return this.parcels.length;
    }

    put(parcel: Parcel): void {
        this.parcels.push(parcel);
        this.keep();
    }

    done(): void {
        this.parcels.shift();
        this.keep();
    }

    /** Takes over what windows that are gone had not sent yet. */
    async takeOver(): Promise<Parcel[]> {
        if (!navigator.locks) return [];
        const held = new Set((await navigator.locks.query()).held?.map((lock) => lock.name) ?? []);
        const found: Parcel[] = [];
        for (const name of Object.keys(localStorage)) {
            const [prefix, template, window] = name.split('/');
            if (prefix !== PREFIX || Number(template) !== this.templateId || window === undefined || held.has(this.lock(window))) continue;
            found.push(...(JSON.parse(localStorage.getItem(name) ?? '[]') as Parcel[]));
            localStorage.removeItem(name);
        }
        return found;
    }

    private keep(): void {
        const name = `${PREFIX}/${this.templateId}/${this.window}`;
        if (this.parcels.length === 0) localStorage.removeItem(name);
        else localStorage.setItem(name, JSON.stringify(this.parcels));
    }

    private lock(window: string): string {
        return `${PREFIX}-lock/${this.templateId}/${window}`;
    }
}
