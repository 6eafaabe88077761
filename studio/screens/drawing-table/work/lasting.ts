import { openDB, type IDBPDatabase } from 'idb';
import { inBrowser } from '../../../lib/storage';

/** What must outlive the window: texts by name. Each may fail, as where the store is full or forbidden. */
export interface Lasting {
    names: () => Promise<string[]>;
    read: (name: string) => Promise<string | null>;
    write: (name: string, text: string) => Promise<void>;
    remove: (name: string) => Promise<void>;
    /** At once, while the window is being closed; answers nothing. */
    last: (name: string, text: string) => void;
}

const DATABASE = 'vestibra';
const TEXTS = 'texts';

/** In IndexedDB; what a window writes as it closes stands beside it, and so does what an earlier version wrote. */
export class BrowserStore implements Lasting {
    private opened: Promise<IDBPDatabase> | null = null;

    async names(): Promise<string[]> {
        const kept = await (await this.database()).getAllKeys(TEXTS);
        return [...new Set([...kept.map(String), ...inBrowser.names()])];
    }

    async read(name: string): Promise<string | null> {
        const kept: unknown = await (await this.database()).get(TEXTS, name);
        return inBrowser.get(name) ?? (typeof kept === 'string' ? kept : null);
    }

    async write(name: string, text: string): Promise<void> {
        await (await this.database()).put(TEXTS, text, name);
    }

    async remove(name: string): Promise<void> {
        inBrowser.remove(name);
        await (await this.database()).delete(TEXTS, name);
    }

    last(name: string, text: string): void {
        inBrowser.set(name, text);
    }

    /** Opened when it is first wanted; after a failure it is tried anew. */
    private database(): Promise<IDBPDatabase> {
        this.opened ??= openDB(DATABASE, 1, { upgrade: (database) => void database.createObjectStore(TEXTS) });
        this.opened.catch(() => (this.opened = null));
        return this.opened;
    }
}
