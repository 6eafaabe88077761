import { editKinds } from '../../../generated/names';
import { freshId } from '../../../lib/ids';
import { BrowserStore, type Lasting } from './lasting';
import type { Edit } from '../../../lib/types';

export interface Author {
    id: number;
    name: string;
}

/** One step of work on its way to the server. The key is the same for every try, so that it is made once. */
export interface Parcel {
    key: string;
    what: 'edits' | 'undo' | 'redo' | 'after-all' | 'throw-away' | 'start';
    body: object;
    /** The revision it was made on. */
    base: number;
    author: Author;
}

/** A parcel that could not be stored: it waits here for somebody's decision. */
export interface Kept extends Parcel {
    /** It crosses what somebody else has set; it was refused; or it is somebody else's who worked in this browser. */
    why: 'conflict' | 'refused' | 'other-author';
    /** What the server said. */
    words: string;
}

interface Stored {
    parcels: Parcel[];
    kept: Kept[];
}

const PREFIX = 'vestibra-outbox';

/** The edits of a parcel; none for what takes back or begins anew. */
export function editsOf(parcel: Parcel): Edit[] {
    return parcel.what === 'edits' ? ((parcel.body as { edits?: Edit[] }).edits ?? []) : [];
}

/**
 * What an edit decides: two that decide one thing differently cannot both hold. None: it stands for itself. Styles
 * alone have a width; whatever else is set counts at each.
 */
export function decides(edit: Edit): string[] {
    const everywhere = 'question' in edit && edit.question !== 'how';
    const fields: Record<string, unknown> = everywhere ? { ...edit, width: 'desktop' } : { ...edit };
    return editKinds[edit.edit].decides.map((pattern) =>
        pattern.replace(/\{([a-zA-Z]+)\}/g, (_hole, field: string) => String(fields[field] ?? '')),
    );
}

/** The id of the block that an edit is about; null where it is about the page. */
export function about(edit: Edit): string | null {
    const field = editKinds[edit.edit].about;
    const fields: Record<string, unknown> = { ...edit };
    const id = field === null ? null : fields[field];
    return typeof id === 'string' ? id : null;
}

function shares(edit: Edit, decided: readonly string[]): boolean {
    return decides(edit).some((one) => decided.includes(one));
}

/**
 * Steps that the server has not confirmed yet, and those that it could not take. They are sent from memory, whatever
 * the browser's store says; it keeps them besides, so that a crash or a reload loses none. Each window holds a lock
 * while it is open; what a window without its lock has left behind is picked up by the next one.
 */
export class Outbox {
    readonly window = freshId();
    private parcels: Parcel[] = [];
    private undecided: Kept[] = [];
    private writing: Promise<void> = Promise.resolve();

    constructor(
        private readonly templateId: number,
        private readonly store: Lasting = new BrowserStore(),
        private readonly locks: LockManager | undefined = navigator.locks,
        /** Told whether the store takes what it is given. */
        private readonly tell: (works: boolean) => void = () => undefined,
    ) {
        void this.locks?.request(this.lock(this.window), () => new Promise(() => undefined));
    }

    get first(): Parcel | undefined {
        return this.parcels[0];
    }

    get length(): number {
        return this.parcels.length;
    }

    get kept(): Kept[] {
        return this.undecided;
    }

    put(parcel: Parcel): void {
        this.parcels = [...this.parcels, parcel];
        this.write();
    }

    done(): void {
        this.parcels = this.parcels.slice(1);
        this.write();
    }

    /** Keeps what could not be stored. */
    keep(...kept: Kept[]): void {
        this.undecided = [...this.undecided, ...kept];
        this.write();
    }

    /** Lets go of what was decided. */
    release(keys: string[]): void {
        this.undecided = this.undecided.filter((one) => !keys.includes(one.key));
        this.write();
    }

    /**
     * The other value of a conflict that nobody has decided yet changes, and nothing is sent. Answers the edits that
     * are no part of one.
     */
    hold(edits: Edit[]): Edit[] {
        const free: Edit[] = [];
        for (const edit of edits) {
            const decided = decides(edit);
            const conflict = this.undecided.find(
                (one) => one.why === 'conflict' && editsOf(one).some((mine) => shares(mine, decided)),
            );
            if (!conflict) {
                free.push(edit);
                continue;
            }
            const changed = {
                ...conflict,
                body: {
                    ...conflict.body,
                    edits: editsOf(conflict).map((mine) => (shares(mine, decided) ? edit : mine)),
                },
            };
            this.undecided = this.undecided.map((one) => (one === conflict ? changed : one));
        }
        if (free.length < edits.length) this.write();
        return free;
    }

    /** What was set anew since needs no sending any more. */
    supersede(parcel: Parcel): void {
        const set = editsOf(parcel).flatMap(decides);
        const stale = this.undecided.filter(
            (one) => one.why === 'refused' && editsOf(one).every((edit) => decidedBy(edit, set)),
        );
        if (stale.length > 0) this.release(stale.map((one) => one.key));
    }

    /** Takes over what windows that are gone had not sent yet, and what they kept undecided. */
    async takeOver(): Promise<Parcel[]> {
        try {
            return await this.leftBehind();
        } catch {
            this.tell(false);
            return [];
        }
    }

    private async leftBehind(): Promise<Parcel[]> {
        if (!this.locks) return [];
        const held = new Set((await this.locks.query()).held?.map((lock) => lock.name) ?? []);
        const found: Parcel[] = [];
        for (const name of await this.store.names()) {
            const [prefix, template, window] = name.split('/');
            if (
                prefix !== PREFIX ||
                Number(template) !== this.templateId ||
                window === undefined ||
                held.has(this.lock(window))
            )
                continue;
            const left = read(await this.store.read(name));
            found.push(...left.parcels);
            if (left.kept.length > 0) this.keep(...left.kept);
            await this.store.remove(name);
        }
        return found;
    }

    /** The window closes: what has not reached the server is written down at once. */
    close(): void {
        const text = this.text;
        if (text !== null) this.store.last(this.name, text);
    }

    /** When everything that was to be kept is kept, or could not be. */
    get settled(): Promise<void> {
        return this.writing;
    }

    private get name(): string {
        return `${PREFIX}/${this.templateId}/${this.window}`;
    }

    private get text(): string | null {
        return this.parcels.length === 0 && this.undecided.length === 0
            ? null
            : JSON.stringify({ parcels: this.parcels, kept: this.undecided } satisfies Stored);
    }

    private write(): void {
        const text = this.text;
        this.writing = this.writing
            .then(() =>
                text === null
                    ? this.store.remove(this.name)
                    : this.store.write(this.name, text).then(() => this.tell(true)),
            )
            .catch(() => this.tell(false));
    }

    private lock(window: string): string {
        return `${PREFIX}-lock/${this.templateId}/${window}`;
    }
}

/** Whether an edit decides something, and all of it is decided anew. */
function decidedBy(edit: Edit, set: readonly string[]): boolean {
    const decided = decides(edit);
    return decided.length > 0 && decided.every((one) => set.includes(one));
}

/** What a window wrote; one of an earlier version wrote its parcels alone. */
function read(text: string | null): Stored {
    const stored = JSON.parse(text ?? '[]') as Stored | Parcel[];
    return Array.isArray(stored) ? { parcels: stored, kept: [] } : stored;
}
